import type { Draft } from 'mutative'
import { hasStance, kindOf } from '../../fittings'
import { figureSchema, MAX_FIGURES, MAX_MODES, MAX_ORDER, planFaults, type Mode, type Plan } from '../schema'
import { CommandError } from '../command-error'
import {
  checked,
  drop,
  fittingOf,
  lastOrder,
  must,
  putInto,
  unlocked,
  unreadable,
  variantOf,
  type HandlersOf,
} from './kit'

export const MODE_HANDLERS: HandlersOf<'mode' | 'figure'> = {
  'mode.add': (job, { variant, id, name, purpose, from }) => {
    const { modes } = variantOf(job, variant).plan
    if (modes[id] !== undefined) throw new CommandError({ code: 'there-already', thing: 'mode' })
    const order = lastOrder(Object.values(modes), MAX_ORDER)
    const copied =
      from === undefined ? { stances: {} } : (JSON.parse(JSON.stringify(must(modes[from], 'mode'))) as Mode)
    putInto(modes, id, { ...copied, name, purpose, order } as Draft<Mode>, MAX_MODES, 'mode')
  },
  'mode.rename': (job, { variant, mode, name }) =>
    void (must(variantOf(job, variant).plan.modes[mode], 'mode').name = name),
  'mode.remove': (job, { variant, mode }) => {
    const { modes } = variantOf(job, variant).plan
    if (Object.keys(modes).length < 2) throw new CommandError({ code: 'last-one', thing: 'mode' })
    drop(modes, mode, 'mode')
  },
  'mode.order': (job, { variant, modes: ids }) => {
    const { modes } = variantOf(job, variant).plan
    if (new Set(ids).size !== ids.length || ids.length !== Object.keys(modes).length)
      throw new CommandError({ code: 'order-incomplete' })
    for (const [order, id] of ids.entries()) must(modes[id], 'mode').order = order
  },
  'mode.seat': (job, { variant, mode: modeId, fitting: id, seat }) => {
    const { plan } = variantOf(job, variant)
    const mode = must(plan.modes[modeId], 'mode')
    unlocked(plan, id)
    if (seat === undefined) {
      if (mode.seats !== undefined) delete mode.seats[id]
      return
    }
    ;(mode.seats ??= {})[id] = seat
    const fault = planFaults(plan as Plan).find(({ path }) => path[0] === 'modes' && path[1] === modeId)
    if (fault !== undefined) throw new CommandError(unreadable(fault))
  },
  'mode.away': (job, { variant, mode: modeId, fitting: id, away }) => {
    const { plan } = variantOf(job, variant)
    const mode = must(plan.modes[modeId], 'mode')
    fittingOf(plan, id)
    const others = (mode.away ?? []).filter((one) => one !== id)
    if (away || others.length > 0) mode.away = away ? [...others, id] : others
    else delete mode.away
  },
  'mode.put': (job, { variant, id, mode }) => putInto(variantOf(job, variant).plan.modes, id, mode, MAX_MODES, 'mode'),
  'mode.turned': (job, { variant, mode: modeId, seat, turned }) => {
    const mode = must(variantOf(job, variant).plan.modes[modeId], 'mode')
    if (job.shell.cabSeats.find(({ id }) => id === seat)?.swivel === undefined)
      throw new CommandError({ code: 'seat-fixed' })
    const others = (mode.turned ?? []).filter((id) => id !== seat)
    if (turned || others.length > 0) mode.turned = turned ? [...others, seat] : others
    else delete mode.turned
  },
  'figure.put': (job, { variant, mode: modeId, id, figure }) => {
    const mode = must(variantOf(job, variant).plan.modes[modeId], 'mode')
    const { people, pets, gear } = job.brief
    if ([people, pets, gear ?? {}].every((list) => list[figure.who] === undefined))
      throw new CommandError({ code: 'figure-of-nobody' })
    const figures = (mode.figures ??= {})
    if (figures[id] === undefined && Object.keys(figures).length >= MAX_FIGURES)
      throw new CommandError({ code: 'too-many', thing: 'figure', most: MAX_FIGURES })
    figures[id] = checked(figureSchema, figure) as Draft<typeof figure>
  },
  'figure.remove': (job, { variant, mode: modeId, id }) => {
    const mode = must(variantOf(job, variant).plan.modes[modeId], 'mode')
    drop((mode.figures ??= {}), id, 'figure')
  },
  'mode.stance': (job, { variant, mode: modeId, fitting: fittingId, stance }) => {
    const { plan } = variantOf(job, variant)
    const kind = kindOf(fittingOf(plan, fittingId).kind)
    if (!hasStance(kind, stance)) throw new CommandError({ code: 'no-such-stance', kind: kind.id, stance })
    const mode = must(plan.modes[modeId], 'mode')
    if (kind.stanceFor[mode.purpose] === stance) delete mode.stances[fittingId]
    else mode.stances[fittingId] = stance
  },
}
