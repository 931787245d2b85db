import { mount } from 'svelte'
import { toast } from 'svelte-sonner'
import Toasts from './Toasts.svelte'

mount(Toasts, { target: document.body })

export function tell(text: string, undo?: { readonly label: string; readonly onClick: () => void }): void {
  toast(text, undo === undefined ? {} : { action: undo })
}
