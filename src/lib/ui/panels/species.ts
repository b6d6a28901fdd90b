import { isKnown, WOODS, type SpeciesId } from '$core/materials/woods';

/** Framing to choose from, with its specific gravity where the name does not say it. */
export const SPECIES_CHOICES: readonly { value: SpeciesId; name: string }[] = WOODS.map((w) => ({
	value: w.id,
	name: isKnown(w.id) && w.id !== 'softest' ? `${w.title} (G ${w.G})` : w.title
}));
