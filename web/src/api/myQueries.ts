import { queryOptions } from "@tanstack/react-query";
import { api, data, type Schemas } from "./client";
import { stamped } from "./stamp";

/** A try as the server shows it, with the moment at which this page heard it. */
export const tryQuery = (tryId: number) =>
  queryOptions({
    queryKey: ["my", "try", tryId],
    queryFn: async () =>
      stamped(await data(api.GET("/api/my/tries/{tryId}", { params: { path: { tryId } } }))),
    staleTime: Number.POSITIVE_INFINITY,
  });

export type StampedTry = Schemas["TryPage"] & { heard: ReturnType<typeof stamped>["heard"] };

export const easeQuery = queryOptions({
  queryKey: ["my", "ease"],
  queryFn: () => data(api.GET("/api/my/ease")),
  staleTime: Number.POSITIVE_INFINITY,
});

export const myDeviceQuery = queryOptions({
  queryKey: ["my", "device"],
  queryFn: () => data(api.GET("/api/my/device")),
});

/** Who may come back on this device by picture. */
export const facesQuery = queryOptions({
  queryKey: ["faces"],
  queryFn: () => data(api.GET("/api/sign-in/device")),
  staleTime: 0,
});
