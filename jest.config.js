const swc = [
  "@swc/jest",
  {
    jsc: {
      target: "es2022",
      parser: { syntax: "typescript", tsx: true, decorators: true },
      transform: { legacyDecorator: true, decoratorMetadata: true, react: { runtime: "automatic" } },
    },
    module: { type: "commonjs" },
  },
];

const common = {
  transform: { "^.+\\.[tj]sx?$": swc },
  transformIgnorePatterns: ["/node_modules/(?!(uuid|eventsource-parser)/)"],
  moduleNameMapper: { "^@/(.*)$": "<rootDir>/src/$1" },
  testEnvironment: "node",
  // The whole catalogue is in reach, as on a server; the laws draw the same cases every time.
  setupFiles: ["<rootDir>/src/core/catalogue/index.ts", "<rootDir>/checks/seed.ts"],
};

/** `pure` needs nothing; `database` needs the MariaDB that `./run test` starts. */
export default {
  projects: [
    {
      ...common,
      displayName: "pure",
      roots: [
        "<rootDir>/src/core",
        "<rootDir>/src/words",
        "<rootDir>/src/ui",
        "<rootDir>/src/inputs",
        "<rootDir>/checks",
      ],
    },
    {
      ...common,
      displayName: "database",
      setupFilesAfterEnv: ["<rootDir>/checks/patience.ts"],
      roots: ["<rootDir>/src/store", "<rootDir>/src/server", "<rootDir>/src/demo"],
    },
  ],
};
