/** Small creatures that people want to be rid of, in any number. */
export const PEST =
  '(?:mosquito\\w*|midges?|gnats?|fl(?:y|ies)|moths?|ticks?|fleas?|lice|louse|spiders?|ants?|roach\\w*|cockroach\\w*|wasps?|bugs?|bed-?bugs?|insects?|mice|mouse|rats?|rodents?|pests?|slugs?|silverfish|mites?|vermin|critters)';
