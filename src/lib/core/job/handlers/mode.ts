import type { Draft } from 'mutative'
import { kindOf } from '../../fittings'
import { figureSchema, MAX_FIGURES, MAX_MODES, MAX_ORDER, planFaults, type Mode, type Plan } from '../schema'
import { CommandError } from '../command-error'
import { checked, drop, fittingOf, lastOrder, must, putInto, unlocked, variantOf, type HandlersOf } from './kit'

export const MODE_HANDLERS: HandlersOf<'mode' | 'figure'> = {
  'mode.add': (job, { variant, id, name, purpose, from }) => {
    const { modes } = variantOf(job, variant).plan
    if (modes[id] !== undefined) throw new CommandError('that mode is there already')
    const order = lastOrder(Object.values(modes), MAX_ORDER)
    const copied =
      from === undefined ? { stances: {} } : (JSON.parse(JSON.stringify(must(modes[from], 'that mode'))) as Mode)
    putInto(modes, id, { ...copied, name, purpose, order } as Draft<Mode>, MAX_MODES, 'modes in a plan')
  },
  'mode.rename': (job, { variant, mode, name }) =>
    void (must(variantOf(job, variant).plan.modes[mode], 'that mode').name = name),
  'mode.remove': (job, { variant, mode }) => {
    const { modes } = variantOf(job, variant).plan
    if (Object.keys(modes).length < 2) throw new CommandError('a plan needs a mode')
    drop(modes, mode, 'that mode')
  },
  'mode.order': (job, { variant, modes: ids }) => {
    const { modes } = variantOf(job, variant).plan
    if (new Set(ids).size !== ids.length || ids.length !== Object.keys(modes).length)
      throw new CommandError('the order must name each mode once')
    for (const [order, id] of ids.entries()) must(modes[id], 'that mode').order = order
  },
  'mode.seat': (job, { variant, mode: modeId, fitting: id, seat }) => {
    const { plan } = variantOf(job, variant)
    const mode = must(plan.modes[modeId], 'that mode')
    unlocked(plan, id)
    if (seat === undefined) {
      if (mode.seats !== undefined) delete mode.seats[id]
      return
    }
    ;(mode.seats ??= {})[id] = seat
    const fault = planFaults(plan as Plan).find(({ path }) => path[0] === 'modes' && path[1] === modeId)
    if (fault !== undefined) throw new CommandError(fault.message)
  },
  'mode.away': (job, { variant, mode: modeId, fitting: id, away }) => {
    const { plan } = variantOf(job, variant)
    const mode = must(plan.modes[modeId], 'that mode')
    fittingOf(plan, id)
    const others = (mode.away ?? []).filter((one) => one !== id)
    if (away || others.length > 0) mode.away = away ? [...others, id] : others
    else delete mode.away
  },
  'mode.put': (job, { variant, id, mode }) =>
    putInto(variantOf(job, variant).plan.modes, id, mode, MAX_MODES, 'modes in a plan'),
  'mode.turned': (job, { variant, mode: modeId, seat, turned }) => {
    const mode = must(variantOf(job, variant).plan.modes[modeId], 'that mode')
    if (job.shell.cabSeats.find(({ id }) => id === seat)?.swivel === undefined)
      throw new CommandError('that seat does not turn')
    const others = (mode.turned ?? []).filter((id) => id !== seat)
    if (turned || others.length > 0) mode.turned = turned ? [...others, seat] : others
    else delete mode.turned
  },
  'figure.put': (job, { variant, mode: modeId, id, figure }) => {
    const mode = must(variantOf(job, variant).plan.modes[modeId], 'that mode')
    const { people, pets, gear } = job.brief
    if ([people, pets, gear ?? {}].every((list) => list[figure.who] === undefined))
      throw new CommandError('whose figure that is, is not in the brief')
    const figures = (mode.figures ??= {})
    if (figures[id] === undefined && Object.keys(figures).length >= MAX_FIGURES)
      throw new CommandError(`a mode holds at most ${MAX_FIGURES} figures`)
    figures[id] = checked(figureSchema, figure) as Draft<typeof figure>
  },
  'figure.remove': (job, { variant, mode: modeId, id }) => {
    const mode = must(variantOf(job, variant).plan.modes[modeId], 'that mode')
    drop((mode.figures ??= {}), id, 'that figure')
  },
  'mode.stance': (job, { variant, mode: modeId, fitting: fittingId, stance }) => {
    const { plan } = variantOf(job, variant)
    const kind = kindOf(fittingOf(plan, fittingId).kind)
    if (!kind.stances.includes(stance)) throw new CommandError(`a ${kind.id} has no stance “${stance}”`)
    const mode = must(plan.modes[modeId], 'that mode')
    if (kind.stanceFor[mode.purpose] === stance) delete mode.stances[fittingId]
    else mode.stances[fittingId] = stance
  },
}
