/** Terms that a beginner does not know, each with its explanation; one place shows each of them. */
export const EXPLANATIONS = {
  'Maximum head': 'The greatest height the pump can lift water to. Look for “H max” on the pump or its box.',
  'Pressure lost': 'How much each layer holds the water back, in millimetres of water.',
  Bacteria: 'The brown coating on media is living bacteria. They turn the ammonia from food into nitrate.',
  'Bacteria elsewhere in the tank':
    'Bacteria also live on glass, gravel and plants. The first figure counts them; the second does not.',
  'Fill limit': 'The mark or ridge in the basket that media must not pass.',
  'Outflow lip': 'The edge the water flows over on its way back to the tank.',
  'Back rim': 'The top edge at the back of the filter. If the water reaches it, the filter spills.',
  'Water below the rim':
    'How far the water in front of the media is below the back rim. At 0 the filter spills.',
  'Times today’s food': '1 means just enough for what you feed now. 2 means you could feed twice as much.',
  'Bacteria now': 'New media has no bacteria yet. This counts those alive just after you pack.',
  'Bacteria once grown': 'The same once bacteria have grown on all the media, which takes some weeks.',
  'As nitrogen (N)':
    'Some kits measure only the nitrogen, others the whole ion. If your kit’s instructions say “NH₃-N” or “as N”, choose nitrogen. The app converts both.',
  'Water through the worst layer':
    'The share of the water that goes through the layer it avoids most. The rest goes around that layer.',
  'Likely range': 'In four cases out of five the real value is within this range.',
  'Plan without opening the filter':
    'Starts from your last pack. The filter keeps running, and you can cancel at any time.',
  'Strip the filter':
    'Take the media out layer by layer and enter what you find. You then plan and repack it.',
  'Set up a new filter': 'For a filter straight from its box. No media has bacteria yet.',
  'Media swap':
    'Replace biological media, cartridges or zeolite in stages, so that ammonia and nitrite stay low.',
  'Water tests':
    'Enter your water tests. See whether ammonia and nitrite are normal after a repack or a swap.',
  Review: 'What is wrong with the pack as you found it, and what to do with each layer.',
  Prepare: 'What to buy, cut and rinse before you open the filter.',
  Log: 'What you did and saw. The forecasts learn from it.',
  Flow: 'Time how fast the outlet fills a jug. Less flow than when clean means the filter is clogging.',
  Shelf: 'The media and spares you have, and what they cost.',
  'Relief notch':
    'A notch in the basket edge that lets water past the media if they clog, so that the filter cannot spill.',
  ppi: 'Pores per inch: the higher the number, the finer the foam.',
  Turnover: 'How many times an hour the tank’s water goes through the filter.',
} as const;

export type ExplainedTerm = keyof typeof EXPLANATIONS;
