import { useMutation, useQueryClient } from "@tanstack/react-query";
import { useCallback, useState } from "react";
import { api, data, type Schemas } from "../api/client";
import { scoreSheetQuery } from "../api/queries";
import { useNotice } from "../shell/Notice";
import type { Typed } from "./grid";

type Sheet = Schemas["ScoreSheet"];

export interface ScoreSheet {
  /** What a cell shows: what was refused as it was typed, else what is kept. */
  textAt: (row: number, column: number) => string;
  faultAt: (row: number, column: number) => string | undefined;
  type: (cells: Typed[]) => void;
  undo: () => void;
  canUndo: boolean;
  faults: number;
  keptCount: number;
  busy: boolean;
}

interface Refused {
  text: string;
  fault: string;
}

/** Cells of a day as they are typed. Good ones are kept at once; each step can be taken back. */
export function useScoreSheet(classId: number, sheet: Sheet): ScoreSheet {
  const queries = useQueryClient();
  const tell = useNotice();
  const [refused, setRefused] = useState<ReadonlyMap<string, Refused>>(new Map());
  const [steps, setSteps] = useState<Typed[][]>([]);
  const [keptCount, setKeptCount] = useState(0);
  const key = useCallback(
    (row: number, column: number) => `${sheet.lines[row]?.studentId}/${sheet.measures[column]?.id}`,
    [sheet],
  );
  const keep = useMutation({
    scope: { id: `score-sheet-${classId}` },
    mutationFn: (cells: Typed[]) =>
      data<Schemas["SheetKept"]>(
        api.PUT("/api/classes/{classId}/score-sheet", {
          params: { path: { classId } },
          body: { on: sheet.on, cells: cells.map((cell) => asked(sheet, cell)) },
        }),
      ),
    onSuccess: (kept) => {
      setRefused((before) => withFaults(before, kept));
      setKeptCount(
        (count) => count + kept.cells.filter((cell) => cell.fault === undefined && cell.shown).length,
      );
      queries.setQueryData<Sheet>(
        scoreSheetQuery(classId, sheet.on).queryKey,
        (now) => now && withKept(now, kept),
      );
      queries.invalidateQueries({ queryKey: ["class", classId, "screen"] });
      queries.invalidateQueries({ queryKey: ["bench"] });
    },
    onError: (error) => tell(error.message),
  });
  const textAt = (row: number, column: number) =>
    refused.get(key(row, column))?.text ?? sheet.lines[row]?.cells[column] ?? "";
  const type = (cells: Typed[]) => {
    const news = cells.filter((cell) => cell.text !== textAt(cell.row, cell.column));
    if (news.length > 0) {
      setSteps((before) => [...before, news.map((cell) => ({ ...cell, text: keptAt(sheet, cell) }))]);
      keep.mutate(news);
    }
  };
  const undo = () => {
    const last = steps[steps.length - 1];
    if (last) {
      setSteps(steps.slice(0, -1));
      keep.mutate(last);
    }
  };
  return {
    textAt,
    faultAt: (row, column) => refused.get(key(row, column))?.fault,
    type,
    undo,
    canUndo: steps.length > 0,
    faults: refused.size,
    keptCount,
    busy: keep.isPending,
  };
}

function keptAt(sheet: Sheet, cell: Typed): string {
  return sheet.lines[cell.row]?.cells[cell.column] ?? "";
}

function asked(sheet: Sheet, cell: Typed) {
  return {
    studentId: sheet.lines[cell.row]?.studentId ?? 0,
    measureId: sheet.measures[cell.column]?.id ?? 0,
    typed: cell.text,
  };
}

function withFaults(before: ReadonlyMap<string, Refused>, kept: Schemas["SheetKept"]) {
  const next = new Map(before);
  for (const cell of kept.cells) {
    const place = `${cell.studentId}/${cell.measureId}`;
    if (cell.fault === undefined) {
      next.delete(place);
    } else {
      next.set(place, { text: cell.shown, fault: cell.fault });
    }
  }
  return next;
}

function withKept(sheet: Sheet, kept: Schemas["SheetKept"]): Sheet {
  const good = new Map(
    kept.cells
      .filter((cell) => cell.fault === undefined)
      .map((cell) => [`${cell.studentId}/${cell.measureId}`, cell.shown]),
  );
  return {
    ...sheet,
    lines: sheet.lines.map((line) => ({
      ...line,
      cells: line.cells.map(
        (cell, column) => good.get(`${line.studentId}/${sheet.measures[column]?.id}`) ?? cell,
      ),
    })),
  };
}
