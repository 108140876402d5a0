import { keepPreviousData, useQuery } from "@tanstack/react-query";
import { useEffect, useRef, useState } from "react";
import { api, data, type Schemas } from "../api/client";

type Wanted = Schemas["Wanted"];

const REST_MS = 250;

export function asForm(file: File, wanted: Wanted) {
  const form = new FormData();
  form.append("file", file);
  form.append("wanted", new Blob([JSON.stringify(wanted)], { type: "application/json" }));
  return { body: form as never, bodySerializer: (body: unknown) => body as FormData };
}

/** What a value was when it last rested for a moment, so that not every letter that is typed asks anew. */
function useRested<T>(value: T): T {
  const [rested, setRested] = useState(value);
  useEffect(() => {
    const timer = setTimeout(() => setRested(value), REST_MS);
    return () => clearTimeout(timer);
  }, [value]);
  return rested;
}

/** Numbers files as they are chosen: two files may have one name. */
function useNumberOf(file: File | null): number {
  const seen = useRef<{ file: File | null; number: number }>({ file: null, number: 0 });
  if (seen.current.file !== file) {
    seen.current = { file, number: seen.current.number + 1 };
  }
  return seen.current.number;
}

/** How the file would be read. A newer question takes the place of one that is under way, which is given up. */
export function usePreview(file: File | null, wanted: Wanted) {
  const number = useNumberOf(file);
  const rested = useRested(wanted);
  const look = useQuery({
    queryKey: ["list-preview", number, rested],
    enabled: file !== null,
    retry: false,
    gcTime: 0,
    placeholderData: keepPreviousData,
    queryFn: ({ signal }) =>
      data<Schemas["Preview"]>(
        api.POST("/api/class-lists/preview", { ...asForm(file as File, rested), signal }),
      ),
  });
  const isNewest = !look.isFetching && rested === wanted;
  return { shown: file ? look.data : undefined, error: look.error, isNewest };
}
