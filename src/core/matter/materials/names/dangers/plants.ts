import { namesIn, type DangerousSubstance } from './types';

/**
 * Plants that are no bath herb. A scent or a color that is only called after one is none of them. Source: EU Regulation
 * 1223/2009, annexes II and III, and common practice, not looked up; not checked against the current rule.
 */
export const PLANTS: readonly DangerousSubstance[] = [
  {
    id: 'abortive',
    name: 'a plant oil that harms the unborn or the nerves',
    why: 'it is a poison through skin and mouth, most of all in pregnancy',
    names: namesIn(`
      pennyroyal; pennyroyal oil; hedeoma; poleo; polei; sassafras; sassafras oil; safrole; savin; savin oil; savine;
      juniperus thuja; thuja oil; cedar leaf oil; arborvitae; rue; rue oil; ruta graveolens; tansy; tansy oil;
      tanacetum vulgare; mugwort; mugwort oil; armoise; wormwood; wormwood oil; absinthe oil; artemisia absinthium;
      thujone; boldo oil; boldo leaf oil; calamus; calamus oil; sweet flag oil; wormseed oil; chenopodium oil;
      parsley seed oil; yellow camphor oil; brown camphor oil; hyssop oil; elecampane; elecampane oil;
      broom absolute; mentha pulegium; rainfarn; weinwermut; beifuss; sadebaum; lebensbaum; poleiminze;
      menthe pouliot; rue officinale; tanaisie; ruda; ajenjo; poleo menta; tanaceto; assenzio
    `),
  },
  {
    id: 'irritant-plant',
    name: 'a plant that burns or sensitizes skin',
    why: 'it burns or sensitizes skin and is barred or held down in cosmetics',
    names: namesIn(`
      mustard; mustard oil; mustard powder; mustard seed; mustard seed powder; dry mustard; mustard flour;
      horseradish; horseradish oil; allyl isothiocyanate; verbena; verbena oil; lemon verbena oil;
      aloysia citrodora oil; lippia citriodora; fig leaf; fig leaf absolute; costus; costus oil; costus root;
      peru balsam; balsam of peru; balsam peru; myroxylon pereirae; bitter almond; bitter almond oil;
      bitter almond essential oil; cade oil; cade; juniper tar; massoia; massoia oil; tea absolute; croton oil;
      cashew shell oil; chili powder; chilli powder; cayenne; cayenne pepper; hot pepper powder; capsaicin; capsicum;
      capsicum oleoresin; senf; senfmehl; senfol; moutarde; mostaza; senape; meerrettich; raifort; perubalsam;
      baume du perou; balsamo del peru; bittermandel; bittermandelol; amande amere; almendra amarga; mandorla amara;
      verveine; hierba luisa essential oil; feuille de figuier; hoja de higuera; feigenblatt; piment en poudre;
      chilipulver
    `),
  },
  {
    id: 'poison-plant',
    name: 'a poisonous plant',
    why: 'it is a poison through skin or mouth',
    names: namesIn(`
      foxglove; digitalis; oleander; nerium; yew; yew needles; taxus; deadly nightshade; nightshade; belladonna;
      atropa; monkshood; wolfsbane; aconite; aconitum; hemlock; poison hemlock; conium; water hemlock;
      lily of the valley leaves; lily of the valley flowers; convallaria; datura; thorn apple; jimsonweed;
      jimson weed; angels trumpet; brugmansia; henbane; hyoscyamus; mandrake; castor bean; castor seed; ricin;
      ricinus seed; jequirity; rosary pea; abrus; poison ivy; poison oak; poison sumac; hogweed; giant hogweed;
      cow parsnip; spurge; euphorbia; hellebore; laburnum; daphne mezereum; mezereon; autumn crocus; colchicum;
      buttercup; ranunculus; pokeweed; pokeberry; dieffenbachia; philodendron; caladium; mistletoe berries; lantana;
      rhododendron; azalea; st ignatius bean; nux vomica; fingerhut; tollkirsche; eisenhut; schierling; stechapfel;
      bilsenkraut; herbstzeitlose; maiglockchen; digitale; laurier rose; if commun; aconit; cigue; muguet feuilles;
      dedalera; belladona; cicuta; estramonio; digitale purpurea; cicuta maggiore; vingerhoedskruid
    `),
  },
];
