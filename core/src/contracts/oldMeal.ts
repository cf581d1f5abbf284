import { anyEater, type EaterInput } from './eater';
import type { MealInput } from './meal';

/** What each need of before means now. "No nuts" did not say of which kind: peanuts are met as well. */
const said: Readonly<Record<string, Partial<EaterInput>>> = {
  noChestnut: { words: ['chestnut'] },
  noFish: { avoids: ['fish'] },
  mild: { mild: true },
  vegetarian: { diets: ['vegetarian'] },
  noNuts: { avoids: ['nuts', 'peanut'] },
  noMilk: { avoids: ['milk'] },
  noEgg: { avoids: ['egg'] },
  noGluten: { avoids: ['gluten'] },
};

/** A meal as it was kept while needs were eight words: with eaters as they are now. A meal of now is given back as it is. */
export function mealOfNow(meal: MealInput | (Omit<MealInput, 'eaters'> & { mouths?: OldMouth[] })): MealInput {
  if ('eaters' in meal) return meal;
  const { mouths = [], ...rest } = meal;
  const eaters = mouths.map(({ name, needs }) =>
    needs.reduce<EaterInput>((eater, need) => {
      const { avoids = [], diets = [], words = [], mild = false } = said[need] ?? {};
      return {
        name,
        avoids: [...eater.avoids, ...avoids],
        diets: [...eater.diets, ...diets],
        words: [...eater.words, ...words],
        mild: eater.mild || mild,
      };
    }, anyEater(name)),
  );
  return { ...rest, eaters };
}

interface OldMouth {
  name: string;
  needs: string[];
}
