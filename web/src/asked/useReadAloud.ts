import { useCallback, useEffect, useState } from "react";

/** Reads text aloud with the voices of the device; nothing is sent anywhere. */
export function useReadAloud() {
  const possible = "speechSynthesis" in window;
  const [speaking, setSpeaking] = useState(false);
  const stop = useCallback(() => {
    if (possible) {
      window.speechSynthesis.cancel();
    }
    setSpeaking(false);
  }, [possible]);
  const speak = useCallback((text: string, language: string) => {
    const utterance = new SpeechSynthesisUtterance(text);
    utterance.lang = language;
    utterance.onend = () => setSpeaking(false);
    utterance.onerror = () => setSpeaking(false);
    window.speechSynthesis.cancel();
    window.speechSynthesis.speak(utterance);
    setSpeaking(true);
  }, []);
  useEffect(() => stop, [stop]);
  return { possible, speaking, speak, stop };
}
