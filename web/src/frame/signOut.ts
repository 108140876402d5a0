import { api } from "../api/client";
import { forgetMine } from "../api/persister";
import { queryClient } from "../api/queryClient";

/** Signs out and forgets on this device what was shown; what was given and not sent yet stays for whoever gave it. */
export async function signOut() {
  try {
    await api.POST("/api/sign-out");
  } finally {
    queryClient.clear();
    await forgetMine();
    const { outbox } = await import("../outbox/mine");
    await outbox.forget();
    window.location.assign("/");
  }
}
