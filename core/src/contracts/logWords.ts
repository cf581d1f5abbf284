/** The words of how it came out. */
export const logWords = {
  colour: ['pale', 'straw', 'golden', 'deep', 'too dark'],
  base: ['pale', 'gold', 'dark'],
  shrink: ['none', 'some', 'much'],
  texture: ['crisp', 'tender', 'heavy'],
  liked: ['not asked', 'gladly', 'some', 'left it'],
} as const;
