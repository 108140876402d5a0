import type { Schemas } from "../api/client";

export type TaskView = Schemas["TaskView"];
export type TaskEdit = Schemas["TaskEdit"];
export type VersionEdit = Schemas["VersionEdit"];
export type AdjustmentEdit = Schemas["AdjustmentEdit"];
export type TermPart = AdjustmentEdit["sets"][number];
export type Field = VersionEdit["overrides"][number];

/** A task as it is, in the shape in which it is sent back changed. */
export function editOf(task: TaskView): TaskEdit {
  return {
    version: task.version,
    name: task.name,
    arrangementId: task.arrangementId,
    workKind: task.workKind,
    way: task.way,
    doneFirst: task.doneFirst,
    feedback: task.feedback,
    adjustments: task.adjustments.map(({ reached, ...adjustment }) => adjustment),
    otherClasses: task.otherClasses.map(({ name, ...other }) => other),
    versions: task.versions.map((version) => ({
      id: version.id,
      staffName: version.staffName,
      overrides: version.overrides,
      title: version.title,
      instructions: version.instructions,
      texts: version.texts.map((text) => text.id),
      questions: version.questions,
      minutes: version.minutes,
      includesAccommodations: version.includesAccommodations,
      opens: version.opens,
      due: version.due,
      closes: version.closes,
      tries: version.tries,
      targets: version.targets,
    })),
  };
}

function changed(edit: TaskEdit, place: number, change: (version: VersionEdit) => VersionEdit): TaskEdit {
  return { ...edit, versions: edit.versions.map((version, i) => (i === place ? change(version) : version)) };
}

/** Sets a field; in a version it is from then on its own. */
export function withField(
  edit: TaskEdit,
  place: number,
  field: Field,
  value: Partial<VersionEdit>,
): TaskEdit {
  return changed(edit, place, (version) => ({
    ...version,
    ...value,
    overrides: place === 0 ? [] : [...new Set([...version.overrides, field])],
  }));
}

/** Lets a field of a version follow the base again. */
export function followingBase(edit: TaskEdit, place: number, field: Field): TaskEdit {
  return changed(edit, place, (version) => ({
    ...version,
    overrides: version.overrides.filter((each) => each !== field),
  }));
}

/** One more version that follows the base in everything. */
export function withVersion(edit: TaskEdit, staffName: string): TaskEdit {
  const base = edit.versions[0];
  if (!base) {
    return edit;
  }
  const targets = { everyone: false, groups: [], students: [], except: [] };
  return {
    ...edit,
    versions: [...edit.versions, { ...base, id: undefined, staffName, overrides: [], targets }],
  };
}

export function withoutVersion(edit: TaskEdit, place: number): TaskEdit {
  return { ...edit, versions: edit.versions.filter((_, i) => i !== place) };
}

export function withTargets(
  edit: TaskEdit,
  place: number,
  staffName: string,
  targets: VersionEdit["targets"],
): TaskEdit {
  return changed(edit, place, (version) => ({ ...version, staffName, targets }));
}

/** Puts an adjustment in place of another, or at the end. */
export function withAdjustment(edit: TaskEdit, place: number, adjustment: AdjustmentEdit): TaskEdit {
  const all = [...(edit.adjustments ?? [])];
  all[Math.min(place, all.length)] = adjustment;
  return { ...edit, adjustments: all };
}

export function withoutAdjustment(edit: TaskEdit, place: number): TaskEdit {
  return { ...edit, adjustments: (edit.adjustments ?? []).filter((_, i) => i !== place) };
}

/** Gives students one version by name, and no other by name. */
export function given(edit: TaskEdit, students: number[], versionId: number): TaskEdit {
  return {
    ...edit,
    versions: edit.versions.map((version) => {
      const others = version.targets.students.filter((id) => !students.includes(id));
      const own = version.id === versionId ? [...others, ...students] : others;
      const except =
        version.id === versionId
          ? version.targets.except.filter((id) => !students.includes(id))
          : version.targets.except;
      return { ...version, targets: { ...version.targets, students: own, except } };
    }),
  };
}
