export type ParameterValue = number | string | boolean
export type Parameters = Readonly<Record<string, ParameterValue>>
