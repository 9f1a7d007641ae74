import { defineConfig } from "@playwright/test";

/** Run by bin/test, which starts the server and says where it is. */
export default defineConfig({
    testDir: "e2e",
    outputDir: process.env.OUTPUT_DIR ?? "var/e2e",
    timeout: 90_000,
    expect: { timeout: 15_000 },
    workers: 1,
    forbidOnly: true,
    reporter: "list",
    use: {
        baseURL: process.env.BASE_URL,
        viewport: { width: 1280, height: 800 },
        locale: "en-GB",
        launchOptions: {
            executablePath: "/usr/bin/chromium-headless-shell",
            args: [
                "--disable-gpu",
                "--disable-quic",
                "--no-first-run",
                "--disable-background-networking",
                "--disable-component-update",
                "--disable-sync",
            ],
        },
    },
});
