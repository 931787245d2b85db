/** Stands in for the engine's thread where a test wants one that does not end, fills the memory, or fails. */
export default function run({ input: [what, ms] }) {
  if (what === 'fills') for (const held = []; ;) held.push(new Array(100_000).fill(String(Math.random())))
  if (what === 'fails') throw new Error('the engine is broken')
  const until = Date.now() + (what === 'spins' ? 600_000 : ms)
  while (Date.now() < until);
  return what
}
