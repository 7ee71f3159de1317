export const sprayCaution =
  'Mist and solvent harm lungs and eyes, and can catch fire. Spray outdoors or with extraction, away from flames and heaters. Wear the mask the maker’s sheet names, and follow the local rules.';
