import { defineConfig } from "@playwright/test";

const servers = process.env.SERVERS;
const worker = process.env.TEST_PARALLEL_INDEX;
if (worker !== undefined) {
    // What bin/test wrote of this worker's own server; the first process of all has none.
    process.loadEnvFile(`${servers}/e2e${Number(worker) + 1}/server.env`);
}

/** Run by bin/test, which starts the servers and says where they are. */
export default defineConfig({
    testDir: "e2e",
    outputDir: `${servers}/traces`,
    timeout: 90_000,
    expect: { timeout: 15_000 },
    workers: 2,
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
