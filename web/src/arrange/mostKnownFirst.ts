interface Scored {
  scores: readonly { measureId: number }[];
}

/** Measures in the order of how many students have a value on them; those with as many stay as they were. */
export function mostKnownFirst<Measure extends { id: number }>(
  measures: readonly Measure[],
  students: readonly Scored[],
): Measure[] {
  const known = new Map<number, number>();
  for (const { measureId } of students.flatMap((student) => student.scores)) {
    known.set(measureId, (known.get(measureId) ?? 0) + 1);
  }
  return [...measures].sort((a, b) => (known.get(b.id) ?? 0) - (known.get(a.id) ?? 0));
}
