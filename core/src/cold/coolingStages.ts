/** The widely published two-stage guidance for cooked food, °C and minutes: through the first within two hours, to the last within four more. */
export const coolingStages = { hotC: 60, throughC: 21, coldC: 5, firstMin: 120, secondMin: 240 } as const;
