export interface Step {
  readonly id: string
  readonly name: string
  readonly href: string
  readonly state: string
}
