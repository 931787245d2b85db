/** 1.2 kg and 1.005 kJ in each cubic metre and kelvin, Wh. Handbook value. */
export const AIR_WH = 0.34
/** Of what a heater burns, what warms the air or the water. Common practice, no source. */
export const HEATER_SHARE = 0.85
/** Net calorific value of diesel, kWh/L. Handbook value, from memory. */
export const DIESEL_KWH_L = 9.9
/** Above so many metres a burner soots without its altitude kit: 5000 feet. Common practice, no source. */
export const KIT_ABOVE_M = 1500
/** A heater of so many times what is needed goes on and off. Common practice, no source. */
export const FAR_TOO_LARGE = 10
