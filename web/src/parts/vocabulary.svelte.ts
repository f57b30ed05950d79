import { api, got, type Schemas } from '../api/client';

/** The vocabulary, asked for once. */
export const vocabulary = $state<{ places: Schemas['PlaceView'][]; moves: Schemas['MoveView'][] }>({
  places: [],
  moves: [],
});

let asked: Promise<void> | undefined;

export function needVocabulary() {
  asked ??= got(api.GET('/api/vocabulary')).then(
    (v) => {
      vocabulary.places = v.places;
      vocabulary.moves = v.moves;
    },
    () => {
      asked = undefined;
    },
  );
}
