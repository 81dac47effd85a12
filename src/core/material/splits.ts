/** One id that stood for two goods until they were told apart. */
export interface Split {
  /** The commonest meaning keeps the id; ids are never used for anything else. */
  readonly into: readonly [keeps: string, ...others: string[]];
  /** What tells them apart, as a question. */
  readonly ask: string;
}

/** Jars from before are asked once which of them they are; until then they are what keeps the id. */
export const SPLITS: readonly Split[] = [
  { into: ["bentonite", "calcium-bentonite"], ask: "Does a spoon of it swell many times over in a glass of water?" },
  { into: ["psyllium-husk", "psyllium-powder"], ask: "Are they light flat husks, or are they ground?" },
  { into: ["sage-leaf", "sage-rubbed"], ask: "Is it a fine powder, or rubbed and fluffy?" },
  { into: ["cassia", "avaram"], ask: "Which plant does the bag name: Senna italica (obovata), or Senna auriculata?" },
  { into: ["kelp", "bladderwrack"], ask: "Is it kelp (Laminaria, Saccharina), or bladderwrack (Fucus)?" },
  { into: ["nagarmotha", "musta"], ask: "Which plant does the bag name: Cyperus scariosus, or Cyperus rotundus?" },
  {
    into: ["peppermint-leaf", "spearmint-leaf"],
    ask: "Is it peppermint, which cools, or spearmint, the market’s pudina?",
  },
  { into: ["cinnamon", "cassia-cinnamon"], ask: "Is it Ceylon cinnamon, or cassia (Chinese) cinnamon?" },
  { into: ["mustard-seed", "yellow-mustard"], ask: "Is it brown mustard, or the milder yellow?" },
  {
    into: ["cedarwood-essential-oil", "virginian-cedarwood-essential-oil"],
    ask: "Which tree does the bottle name: Cedrus atlantica, or Juniperus virginiana?",
  },
  { into: ["red-clay", "pink-clay"], ask: "Is it red, or pink?" },
];
export const splitOf = (id: string): Split | undefined => SPLITS.find(({ into }) => into[0] === id);
