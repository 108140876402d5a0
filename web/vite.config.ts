import react from "@vitejs/plugin-react";
import { defineConfig } from "vite";
import { VitePWA } from "vite-plugin-pwa";

/** The parts of the front end that a student's device needs to open without a connection; what is a teacher's is not. */
const students = [
  "assets/index-*",
  "assets/StudentPlaces-*",
  "assets/MyWorkPlace-*",
  "assets/TryPlace-*",
  "assets/BookPlace-*",
  "assets/RichText-*",
];

export default defineConfig({
  plugins: [
    react(),
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
        globPatterns: students.flatMap((part) => [`${part}.js`, `${part}.css`]),
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
  build: { assetsInlineLimit: 0, chunkSizeWarningLimit: 700 },
  server: { proxy: { "/api": "http://localhost:8080" } },
});
