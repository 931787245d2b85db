import { MOST_IN_BATCH, type Command } from './command'

/** A command as parts that each fit into a request: a batch of any size goes as several. */
export function inParts(command: Command): readonly Command[] {
  if (command.type !== 'batch' || command.commands.length <= MOST_IN_BATCH) return [command]
  const parts: Command[] = []
  for (let from = 0; from < command.commands.length; from += MOST_IN_BATCH)
    parts.push({ ...command, commands: command.commands.slice(from, from + MOST_IN_BATCH) })
  return parts
}
