import type { paths } from "../../api/schema";

export type ReportWish = paths["/api/classes/{classId}/reports"]["get"]["parameters"]["query"];
export type ReportKind = ReportWish["kind"];

/** Whether it is written about single students. */
export function isOfStudents(kind: ReportKind): boolean {
  return kind === "FAMILY_LETTER" || kind === "CERTIFICATE";
}

/** The address of the same sheets as a PDF. */
export function pdfOf(classId: number, wish: ReportWish): string {
  const query = new URLSearchParams();
  for (const [key, value] of Object.entries(wish)) {
    for (const each of Array.isArray(value) ? value : [value]) {
      if (each !== undefined && each !== "") {
        query.append(key, String(each));
      }
    }
  }
  return `/api/classes/${classId}/reports.pdf?${query}`;
}
