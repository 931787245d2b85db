declare global {
  namespace App {
    interface Locals {
      /** Who asks, where people sign in; empty otherwise. */
      who: string
    }
  }
}

export {}
