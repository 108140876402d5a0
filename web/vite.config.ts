import react from "@vitejs/plugin-react";
import { defineConfig } from "vite";
import { compression } from "vite-plugin-compression2";
import { VitePWA } from "vite-plugin-pwa";

/** Parts of the front end that only adults see; a student's device does not fetch them in advance. */
const adultsOnly = [
  "Adjustments",
  "Arrange",
  "Bench",
  "BringIn",
  "ChangePassword",
  "CornersPlace",
  "FirstRun",
  "HelpDialog",
  "HistoryPlace",
  "HomeClass",
  "InvitedPlace",
  "ItemEditor",
  "Library",
  "LivePlace",
  "Lists",
  "GridPart",
  "GrowthPart",
  "LowPart",
  "MarkingPlace",
  "MarksPart",
  "MeetingsPlace",
  "Progress",
  "ReportsPart",
  "ResultsPlace",
  "School",
  "Scores",
  "SeeAs",
  "SharingPlace",
  "SignInsDialog",
  "Skills",
  "StudentsPlace",
  "Task",
  "TeacherShell",
  "ToMark",
  "Today",
  "Units",
  "Week",
  "Wishes",
  "adults-",
];

export default defineConfig({
  plugins: [
    react(),
    // Zipped once here, and not by the server for every child who asks.
    compression({ algorithms: ["gzip"], include: /assets\/.*\.(js|css|svg)$/ }),
    VitePWA({
      // The students' pages register it, nobody else's.
      injectRegister: false,
      registerType: "autoUpdate",
      filename: "sw.js",
      manifest: {
        name: "Zafu · My work",
        short_name: "My work",
        description: "What to do now, next and later",
        lang: "en-CA",
        start_url: "/my",
        scope: "/",
        display: "standalone",
        background_color: "#FAF5EC",
        theme_color: "#FAF5EC",
        icons: [
          { src: "/icons/zafu-192.png", sizes: "192x192", type: "image/png" },
          { src: "/icons/zafu-512.png", sizes: "512x512", type: "image/png" },
          { src: "/icons/zafu-maskable-512.png", sizes: "512x512", type: "image/png", purpose: "maskable" },
          { src: "/zafu.svg", sizes: "any", type: "image/svg+xml" },
        ],
      },
      workbox: {
        globPatterns: ["assets/*.js", "assets/*.css", "assets/*-latin-*.woff2"],
        globIgnores: adultsOnly.map((part) => `assets/${part}*.js`),
        // The page comes with a nonce of its own each time, so it is not taken from what was built.
        navigateFallback: null,
        clientsClaim: true,
        skipWaiting: true,
        runtimeCaching: [
          {
            urlPattern: ({ request, url }) => request.mode === "navigate" && url.pathname.startsWith("/my"),
            handler: "NetworkFirst",
            options: {
              cacheName: "zafu-page",
              networkTimeoutSeconds: 4,
              // One page serves every place.
              plugins: [{ cacheKeyWillBeUsed: async () => "/my" }],
            },
          },
          {
            urlPattern: ({ url }) => url.pathname.startsWith("/assets/"),
            handler: "CacheFirst",
            options: { cacheName: "zafu-parts", expiration: { maxEntries: 200 } },
          },
        ],
      },
    }),
  ],
  build: {
    assetsInlineLimit: 0,
    chunkSizeWarningLimit: 700,
    rolldownOptions: {
      output: {
        // A catalogue carries its language in its name; those of adults are not fetched ahead by a student's device.
        chunkFileNames: ({ facadeModuleId }) => {
          const [, language, catalogue] =
            /[\\/]languages[\\/]([a-z]+)[\\/](students(?=[\\/])|[a-z-]+\.json)/.exec(facadeModuleId ?? "") ??
            [];
          if (!catalogue) {
            return "assets/[name]-[hash].js";
          }
          const whose = catalogue === "students" ? "words" : `adults-${catalogue.replace(".json", "")}`;
          return `assets/${whose}-${language}-[hash].js`;
        },
        // What every page stands on is one file: on a slow device each file costs more than its bytes.
        codeSplitting: {
          groups: [
            {
              name: "ground",
              test: /node_modules[\\/](react|react-dom|react-router|scheduler|@emotion|@tanstack[\\/](query-core|react-query|query-persist-client-core|react-query-persist-client)|@mui[\\/](system|styled-engine|utils|private-theming)|@mui[\\/]material[\\/](esm[\\/])?(styles|Box|Button|ButtonBase|utils)|idb|openapi-fetch|stylis|intl-messageformat|@formatjs)[\\/]/,
            },
          ],
        },
      },
    },
  },
  server: { proxy: { "/api": "http://localhost:8080" } },
});
