import next from "@next/eslint-plugin-next";
import importX from "eslint-plugin-import-x";
import jsxA11y from "eslint-plugin-jsx-a11y";
import hooks from "eslint-plugin-react-hooks";
import tseslint from "typescript-eslint";

/** The layers of the house, lowest first; each may import only from those below it. */
const LAYERS = ["core", "words", "instruments", "workers", "inputs", "store", "server", "demo", "ui", "app"];
/** The core's own order is free; nobody outside a folder of it imports past its index. */
const zones = LAYERS.slice(0, -1).map((layer, i) => ({
  target: `./src/${layer}`,
  from: LAYERS.slice(i + 1).map((above) => `./src/${above}`),
  message: `${layer} may not import from a layer above it.`,
}));
/** The front door asks the server who comes in, and draws nothing; the demo is nobody's to stand on. */
zones.push(
  { target: "./src/proxy.ts", from: ["./src/ui", "./src/app", "./src/demo"], message: "The door only asks." },
  { target: ["./src/ui", "./src/app"], from: "./src/demo", message: "The demo is loaded, and imported by nobody." },
);

export default tseslint.config(
  { ignores: [".next/", ".data/", "node_modules/", "next-env.d.ts"] },
  ...tseslint.configs.recommended,
  {
    files: ["**/*.ts", "**/*.tsx"],
    plugins: { "import-x": importX },
    settings: { "import-x/resolver": { typescript: true, node: true } },
    rules: {
      "import-x/no-restricted-paths": ["error", { zones }],
      "import-x/no-cycle": "error",
      "no-restricted-imports": [
        "error",
        {
          patterns: [{ group: ["@/core/*/*", "!@/core/*/index"], message: "A core folder's index is its whole face." }],
        },
      ],
      "@typescript-eslint/no-unused-vars": [
        "error",
        { argsIgnorePattern: "^_", varsIgnorePattern: "^_", destructuredArrayIgnorePattern: "^_" },
      ],
      "@typescript-eslint/consistent-type-imports": "error",
      "@typescript-eslint/no-non-null-assertion": "off",
    },
  },
  {
    files: ["src/core/**/*.ts"],
    ignores: ["**/*.test.ts"],
    rules: {
      "no-restricted-imports": [
        "error",
        {
          patterns: [
            {
              group: ["react", "next", "next/*", "knex", "mysql2", "@/*"],
              message: "The core is pure and stands on nothing.",
            },
            { group: ["../*/*"], message: "A core folder's index is its whole face." },
          ],
        },
      ],
      "no-restricted-globals": ["error", "Date", "fetch", "window", "document", "process", "setTimeout", "crypto"],
      "no-restricted-properties": [
        "error",
        { object: "Math", property: "random", message: "Random numbers come in as arguments." },
      ],
    },
  },
  {
    files: ["src/core/*/*/**/*.ts"],
    ignores: ["**/*.test.ts"],
    rules: {
      "no-restricted-imports": [
        "error",
        { patterns: [{ group: ["../../*/*", "@/*"], message: "A core folder's index is its whole face." }] },
      ],
    },
  },
  { files: ["src/inputs/**/*.ts"], rules: { "@typescript-eslint/consistent-type-imports": "off" } },
  {
    files: ["**/*.tsx"],
    ...jsxA11y.flatConfigs.strict,
    plugins: { ...jsxA11y.flatConfigs.strict.plugins, "react-hooks": hooks, "@next/next": next },
    rules: {
      ...jsxA11y.flatConfigs.strict.rules,
      "react-hooks/rules-of-hooks": "error",
      "react-hooks/exhaustive-deps": "error",
      "@next/next/no-img-element": "error",
      "jsx-a11y/label-has-associated-control": ["error", { assert: "either", depth: 4 }],
    },
  },
);
