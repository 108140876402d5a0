/** Calls when the page comes back into sight, out of a sleep, or to a connection; answers how to stop. */
export function onBack(call: () => void): () => void {
  document.addEventListener("visibilitychange", call);
  document.addEventListener("resume", call);
  window.addEventListener("pageshow", call);
  window.addEventListener("online", call);
  return () => {
    document.removeEventListener("visibilitychange", call);
    document.removeEventListener("resume", call);
    window.removeEventListener("pageshow", call);
    window.removeEventListener("online", call);
  };
}
