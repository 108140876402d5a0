import Box from "@mui/material/Box";
import ButtonBase from "@mui/material/ButtonBase";
import { switchTo, useLanguage } from "../languages/chosen";
import { allLanguages, languages } from "../languages/languages";
import { useNotice } from "../shell/Notice";
import { words } from "../shell/words";

/** The languages by their own names, for who has not signed in yet. */
export function LanguageChoice() {
  const now = useLanguage();
  const tell = useNotice();
  return (
    <Box sx={{ display: "flex", flexWrap: "wrap", justifyContent: "center", columnGap: 2 }}>
      {allLanguages.map((tag) => (
        <ButtonBase
          key={tag}
          lang={tag}
          aria-pressed={tag === now}
          onClick={() => switchTo(tag).catch(() => tell(words.wentWrong))}
          sx={{
            font: "inherit",
            minHeight: 44,
            color: "var(--z-aubergine)",
            fontWeight: tag === now ? 700 : 400,
          }}
        >
          {languages[tag].name}
        </ButtonBase>
      ))}
    </Box>
  );
}
