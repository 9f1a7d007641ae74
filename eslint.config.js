import js from "@eslint/js";
import globals from "globals";

export default [
    js.configs.recommended,
    { files: ["resources/js/**"], languageOptions: { globals: globals.browser } },
    {
        files: ["e2e/**", "*.config.js", "core/data/*.mjs", "database/data/*.mjs", "bench/*.mjs", "tests/**/*.mjs"],
        languageOptions: { globals: { ...globals.node, ...globals.browser } },
    },
];
