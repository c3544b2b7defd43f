import type { Bench, Choice } from '../api/client';

/** How a fish is weighed: in three, part by part, or along the steps of a method. */
export type Mode = 'quick' | 'parts' | 'steps';

/** The part something on its way is about. */
export function partOf(body: unknown): string | null {
  return body !== null && typeof body === 'object' && 'part' in body && typeof body.part === 'string'
    ? body.part
    : null;
}

/** Steps where a method was chosen; else three weights, unless someone has already begun to weigh every part. */
export function startingMode(bench: Bench): Mode {
  const quick = new Set(bench.quick.map((choice) => choice.part));
  return bench.method
    ? 'steps'
    : bench.parts.some((choice) => choice.mass && !quick.has(choice.part))
      ? 'parts'
      : 'quick';
}

/** Whether nothing else can lie on the scale: the part was chosen by hand, or it is the only one left to weigh. */
export function isCertain(
  choices: { part: string; mass: unknown }[],
  waiting: (string | null)[],
  picked: boolean,
): boolean {
  const left = choices.filter((choice) => !choice.mass && !waiting.includes(choice.part));
  return picked || left.length === 1;
}

/** The parts of the current step, each with what it is cut from. */
export function ofStep(bench: Bench): Choice[] {
  const step = bench.method?.steps[bench.method.at];
  const seen = new Set<string>();
  return (step?.parts ?? []).flatMap((part) => {
    const choice = bench.parts.find((c) => c.part === part.part);
    const key = `${part.part}${part.from}`;
    if (!choice || seen.has(key)) {
      return [];
    }
    seen.add(key);
    return [{ ...choice, from: part.from ?? choice.from }];
  });
}
