// The foods that most houses begin with: judgements, to be changed.
import { MOUTHS, type FoodFields } from './entries.ts';

const ALL: FoodFields['mouths'] = [...MOUTHS];
export const USUAL_FOODS: readonly FoodFields[] = [
  {
    name: 'frozen brine shrimp',
    form: 'frozen',
    guilds: ['plankton picker', 'omnivore', 'pod hunter', 'insect catcher'],
    mouths: ALL,
    heavy: false,
    thawH: 1,
    strain: true,
    soakMin: 15,
    portionG: 3.5,
  },
  {
    name: 'frozen mysis',
    form: 'frozen',
    guilds: ['plankton picker', 'omnivore', 'pod hunter', 'meat eater'],
    mouths: ['small', 'large'],
    heavy: false,
    thawH: 1,
    strain: true,
    soakMin: 15,
    portionG: 3.5,
  },
  {
    name: 'chopped clam',
    form: 'frozen',
    guilds: ['meat eater', 'shell crusher'],
    mouths: ['small', 'large'],
    heavy: true,
    thawH: 2,
    strain: true,
  },
  {
    name: 'clam on the half shell',
    form: 'on the half shell',
    guilds: ['meat eater', 'shell crusher'],
    mouths: ['large'],
    heavy: true,
    thawH: 2,
    leaveInH: 4,
  },
  { name: 'crushed flake', form: 'dry', guilds: ['plankton picker', 'omnivore', 'scavenger'], mouths: ALL, heavy: false },
  { name: 'micro pellets', form: 'dry', guilds: ['omnivore', 'meat eater', 'insect catcher', 'scavenger'], mouths: ALL, heavy: false },
  { name: 'seaweed sheet', form: 'sheet', guilds: ['grazer'], mouths: ['small', 'large'], heavy: false, leaveInH: 6, portionG: 2.5 },
  { name: 'grazing paste', form: 'paste', guilds: ['grazer'], mouths: ALL, heavy: false, leaveInH: 6 },
  { name: 'live brine shrimp', form: 'live', guilds: ['plankton picker', 'pod hunter', 'live food'], mouths: ALL, heavy: false },
];
