import { namesIn, type DangerousSubstance } from './types';

/**
 * By substance: plain, household and trade names, folk names, names in the main languages of Europe, formulas, CAS and food
 * additive numbers. Source: any inorganic chemistry text and the CAS registry, not looked up; hazard classes of EU Regulation
 * 1272/2008, not looked up; not checked against the current rule.
 */
export const CHEMICALS: readonly DangerousSubstance[] = [
  {
    id: 'hypochlorite',
    name: 'chlorine bleach',
    why: 'with acid it frees chlorine, a gas that burns the lungs',
    names: namesIn(`
      bleach; chlorine bleach; household bleach; liquid bleach; laundry bleach; bleach powder; bleaching powder;
      bleach tablet; sodium hypochlorite; calcium hypochlorite; potassium hypochlorite; hypochlorite; chlorine;
      pool chlorine; pool shock; chlorine tablet; chlorine granule; chlorinated lime; chloride of lime; javel water;
      dichlor; trichlor; sodium dichloroisocyanurate; sodium dichlor; trichloroisocyanuric acid; symclosene;
      chloramine t; hypochlorous acid; thick bleach; bleach crystals; bleach spray; bleach gel; bleach water;
      laundry bleach powder; chlorine powder; chlorine bleach tablets; chlorine cleaner; pool powder; pool tablets;
      pool chemicals; pool sanitizer; spa chlorine; spa shock; hot tub chlorine; hot tub shock; trichlor tablets;
      tcca; sdic; nadcc; sodium dichloroisocyanurate dihydrate; dichloroisocyanurate; trichloroisocyanurate;
      troclosene sodium; chlorinated cyanurate; cal hypo; calhypo; bleaching lime; sterilizing tablets;
      sterilising tablets; sterilizing fluid; sterilising fluid; sterilizing powder; sterilising powder;
      baby bottle sterilizer; water purification tablets; mold remover; mould remover; mould killer; mold killer;
      mildew remover; mold spray; mould spray; grout whitener; chlorine dust; NaClO; NaOCl; Ca(ClO)2; Ca(OCl)2; HClO;
      HOCl; Cl2; 7681-52-9; 7778-54-3; 87-90-1; 2893-78-9; 51580-86-0; 7782-50-5; E925; lejia; cloro; cloro en polvo;
      hipoclorito; hipoclorito de sodio; agua lavandina; lavandina; eau de javel; javel; chlore;
      hypochlorite de sodium; chlor; chlorbleiche; chlorkalk; chlorreiniger; bleichmittel; bleichlauge;
      schimmelentferner; natriumhypochlorit; candeggina; varechina; varecchina; ipoclorito; ipoclorito di sodio;
      agua sanitaria; lixivia; bleekmiddel; bleekwater; chloor; chloorbleek; natriumhypochloriet; wybielacz;
      podchloryn sodu; klorin
    `),
  },
  {
    id: 'chlorite',
    name: 'a chlorite',
    why: 'with acid it frees chlorine dioxide, a poisonous gas that can explode',
    names: namesIn(`
      sodium chlorite; chlorite; calcium chlorite; potassium chlorite; chlorine dioxide; stabilized chlorine dioxide;
      chlorine dioxide tablets; NaClO2; ClO2; 7758-19-2; 10049-04-4; E926; clorito de sodio; chlorite de sodium;
      natriumchlorit; clorito di sodio; natriumchloriet
    `),
  },
  {
    id: 'chlorate',
    name: 'a chlorate',
    why: 'with acid, oil, starch or sugar it can catch fire or explode',
    names: namesIn(`
      sodium chlorate; potassium chlorate; chlorate; perchlorate; sodium perchlorate; potassium perchlorate;
      ammonium perchlorate; chlorate of potash; berthollet salt; NaClO3; KClO3; KClO4; NaClO4; NH4ClO4; 7775-09-9;
      3811-04-9; 7778-74-7; 7790-98-9; clorato; clorato de potasio; chlorate de potassium; kaliumchlorat;
      natriumchlorat; clorato di potassio; bromate; potassium bromate; sodium bromate; potassium iodate; KBrO3; E924;
      flash powder; firework powder; match heads; strike anywhere matches; gunpowder; sparkler powder
    `),
  },
  {
    id: 'nitrite',
    name: 'a nitrite',
    why: 'with acid it frees nitrogen oxides, brown gases that burn the lungs',
    names: namesIn(`
      sodium nitrite; potassium nitrite; nitrite; curing salt; pink curing salt; pickling salt with nitrite;
      nitrite salt; NaNO2; KNO2; 7632-00-0; 7758-09-0; E249; E250; curing powder; cure no 1; cure number 1; nitrito;
      nitrito de sodio; nitrite de sodium; sel nitrite; natriumnitrit; nitritpokelsalz; pokelsalz; nitrito di sodio;
      natriumnitriet; peklosol; amyl nitrite
    `),
  },
  {
    id: 'nitrate',
    name: 'a nitrate',
    why: 'it feeds fire with oil, starch and sugar, and with acid frees nitric acid',
    names: namesIn(`
      sodium nitrate; potassium nitrate; ammonium nitrate; calcium nitrate; nitrate; saltpeter; saltpetre; niter;
      nitre; NaNO3; KNO3; NH4NO3; Ca(NO3)2; AgNO3; silver nitrate; lunar caustic; chile saltpeter; chile saltpetre;
      salt petre; salt peter; stump remover; 7631-99-4; 7757-79-1; 6484-52-2; 7761-88-8; E251; E252; salitre;
      sal de nitro; nitrato; nitrato de potasio; nitrate de potassium; salpetre; salpeter; kalisalpeter;
      natronsalpeter; kaliumnitrat; natriumnitrat; ammoniumnitrat; salnitro; nitrato di potassio; kaliumnitraat;
      fertilizer; plant fertilizer; fertiliser
    `),
  },
  {
    id: 'sulfite',
    name: 'a sulfite',
    why: 'with acid it frees sulfur dioxide, which chokes and sets off asthma',
    names: namesIn(`
      sodium bisulfite; bisulfite; sodium hydrogen sulfite; sodium sulfite; potassium sulfite; sulfite;
      sodium metabisulfite; potassium metabisulfite; metabisulfite; campden tablet; sodium hydrosulfite;
      sodium dithionite; dithionite; sodium thiosulfate; thiosulfate; Na2SO3; NaHSO3; Na2S2O5; K2S2O5; Na2S2O4;
      Na2S2O3; SO2; 7757-83-7; 7631-90-5; 7681-57-4; 16731-55-8; 7775-14-6; 10102-17-7; E220; E221; E222; E223; E224;
      E225; E226; E227; E228; sulphur dioxide; color run remover; photographic fixer; hypo crystals; wine sulfite;
      sodium formaldehyde sulfoxylate; rongalite; natriumsulfit; natriumbisulfit; natriumdisulfit; kaliumdisulfit;
      natriumdithionit; bisulfito; metabisulfito; metabisulfito de sodio; sulfite de sodium; metabisulfite de sodium;
      solfito; metabisolfito; natriumsulfiet; natriummetabisulfiet; fixiersalz; entfarber
    `),
  },
  {
    id: 'sulfide',
    name: 'a sulfide',
    why: 'with acid it frees hydrogen sulfide, which is deadly in a closed room',
    names: namesIn(`
      sodium sulfide; potassium sulfide; calcium sulfide; liver of sulfur; lime sulfur; sulfide; Na2S; K2S;
      iron sulfide; iron pyrite powder; hepar sulfuris; 1313-82-2; thioglycolic acid; ammonium thioglycolate;
      hair removal cream; depilatory cream; sulfuro; sulfure; schwefelleber; sulfid
    `),
  },
  {
    id: 'peroxide',
    name: 'a peroxide solution',
    why: 'it frees oxygen with soda, bursts closed packs and burns skin',
    names: namesIn(`
      hydrogen peroxide; peroxide; peroxide solution; carbamide peroxide; urea peroxide; benzoyl peroxide;
      calcium peroxide; magnesium peroxide; sodium peroxide; peracetic acid; peroxyacetic acid; H2O2;
      hydrogen peroxyde; hydrogen dioxide; oxygenated water; cream peroxide; peroxide cream; hair developer;
      cream developer; creme developer; 20 volume developer; 30 volume developer; 40 volume developer;
      20 vol peroxide; 10 vol peroxide; oxidizing cream; barium peroxide; zinc peroxide; 7722-84-1; 124-43-6;
      94-36-0; 79-21-0; wasserstoffperoxid; wasserstoffsuperoxid; peroxyde d hydrogene; eau oxygenee; agua oxigenada;
      peroxido de hidrogeno; acqua ossigenata; perossido di idrogeno; waterstofperoxide; woda utleniona
    `),
  },
  {
    id: 'persulfate',
    name: 'a persulfate',
    why: 'it feeds fire, and its dust sets off asthma',
    names: namesIn(`
      sodium persulfate; potassium persulfate; ammonium persulfate; potassium monopersulfate; monopersulfate;
      persulfate; non chlorine shock; peroxymonosulfate; potassium peroxymonosulfate; peroxodisulfate;
      hair bleach powder; hair lightener powder; blonding powder; K2S2O8; Na2S2O8; KHSO5; 7775-27-1; 7727-21-1;
      7727-54-0; 70693-62-8; persulfato; persulfate d ammonium; ammoniumpersulfat; kaliumpersulfat; persolfato
    `),
  },
  {
    id: 'permanganate',
    name: 'a permanganate',
    why: 'with glycerin, sugar or oil it catches fire by itself',
    names: namesIn(`
      potassium permanganate; sodium permanganate; permanganate; condy crystal; KMnO4; permanganate of potash;
      purple crystals of potash; chameleon mineral; 7722-64-7; permanganato; permanganato de potasio;
      permanganate de potassium; kaliumpermanganat; permanganato di potassio; kaliumpermanganaat;
      nadmanganian potasu
    `),
  },
  {
    id: 'chromate',
    name: 'a chromate',
    why: 'it is a poison that causes cancer and feeds fire',
    names: namesIn(`
      potassium dichromate; sodium dichromate; potassium chromate; chromic acid; dichromate; chromate; K2Cr2O7;
      K2CrO4; CrO3; chromium trioxide; chrome yellow; zinc chromate; lead chromate; strontium chromate;
      bichromate of potash; potassium bichromate; 7778-50-9; 7789-00-6; 1333-82-0; dicromato;
      dichromate de potassium; kaliumdichromat; dicromato di potassio
    `),
  },
  {
    id: 'ammonia',
    name: 'ammonia',
    why: 'with soda it frees ammonia, and with bleach chloramines',
    names: namesIn(`
      ammonia; ammonia water; household ammonia; ammonium hydroxide; ammonium chloride; sal ammoniac;
      ammonium carbonate; ammonium bicarbonate; baker ammonia; baking ammonia; hartshorn; salt of hartshorn;
      ammonium sulfate; smelling salt; NH3; NH4OH; NH4Cl; NH4HCO3; (NH4)2CO3; (NH4)2SO4; spirit of hartshorn;
      sal volatile; salmiac; salmiak; salmiak salt; liquid ammonia; ammonium phosphate; diammonium phosphate;
      ammonium acetate; ammonium alum; 7664-41-7; 1336-21-6; 12125-02-9; 1066-33-7; 506-87-6; 7783-20-2; E503; E510;
      E517; E527; ammoniak; ammoniakwasser; salmiakgeist; hirschhornsalz; ammoniumchlorid; ammoniaque; ammoniac;
      chlorure d ammonium; amoniaco; cloruro de amonio; bicarbonato de amonio; ammoniaca; cloruro di ammonio;
      ammoniumchloride; salmiakki; amoniak; smelling bottle salt
    `),
  },
  {
    id: 'methanol',
    name: 'methanol',
    why: 'it is poisonous through skin and breath, and its vapor burns',
    names: namesIn(`
      methanol; methyl alcohol; wood alcohol; wood spirit; methylated spirit; meths; windshield washer fluid;
      antifreeze; ethylene glycol; CH3OH; MeOH; denatured spirit; industrial methylated spirit; wood naphtha;
      carbinol; screen wash; screenwash; washer fluid; de icer; deicer; brake fluid; coolant; diethylene glycol;
      67-56-1; 107-21-1; metanol; alcohol metilico; alcohol de quemar; alcool methylique; alcool a bruler;
      methylalkohol; brennspiritus; frostschutz; frostschutzmittel; alcool metilico; alcool denaturato;
      methylalcohol; brandspiritus; spirytus skazony; anticongelante; antigel
    `),
  },
  {
    id: 'solvent',
    name: 'a solvent',
    why: 'it is poisonous through skin and breath, and its vapor burns',
    names: namesIn(`
      acetone; nail polish remover; turpentine; white spirit; mineral spirit; paint thinner; lacquer thinner;
      gasoline; petrol; kerosene; lighter fluid; benzene; toluene; xylene; naphtha; chloroform; dichloromethane;
      methylene chloride; ether; formaldehyde; formalin; paint stripper; varnish remover; brush cleaner;
      mineral turpentine; oil of turpentine; spirits of turpentine; gum turpentine; turps; lamp oil; lamp fuel;
      paraffin fuel; camping fuel; white gas; diesel; motor oil; petroleum ether; petroleum spirit; ligroin; hexane;
      heptane; cyclohexane; butane; propane; methyl ethyl ketone; MEK; ethyl acetate; amyl acetate;
      carbon tetrachloride; trichloroethylene; perchloroethylene; dry cleaning fluid; carbon disulfide;
      dimethylformamide; phenol; carbolic acid; carbolic; creosote; cresol; nitrobenzene; oil of mirbane;
      essence of mirbane; aniline; glow stick liquid; resin hardener; epoxy resin; super glue; diethyl ether;
      starting fluid; acetaldehyde; glutaraldehyde; paraformaldehyde; HCHO; E240; 67-64-1; 50-00-0; 71-43-2;
      108-88-3; 67-66-3; 75-09-2; 108-95-2; 98-95-3; aceton; acetona; terpentin; terpentinol; terpentinersatz;
      testbenzin; waschbenzin; nagellackentferner; benzin; terebenthine; essence de terebenthine; essence minerale;
      dissolvant; trementina; aguarras; quitaesmalte; acquaragia; acqua ragia; trielina; solvente per unghie;
      terpentijn; wasbenzine; gasolina; kerosin; keroseno; petroleo
    `),
  },
  {
    id: 'strong-acid',
    name: 'a strong mineral acid',
    why: 'it burns skin and eyes, and boils up with the other side of the fizz',
    names: namesIn(`
      hydrochloric acid; muriatic acid; spirits of salt; hydrogen chloride; sulfuric acid; battery acid;
      oil of vitriol; nitric acid; aqua fortis; phosphoric acid; orthophosphoric acid; hydrofluoric acid;
      ammonium bifluoride; sodium fluoride; perchloric acid; hydrobromic acid; chloroacetic acid;
      trichloroacetic acid; formic acid; glacial acetic acid; acetic acid glacial; toilet bowl cleaner; rust remover;
      concrete cleaner; HCl; H2SO4; HNO3; H3PO4; HF; HBr; HClO4; HCOOH; marine acid; muriatic; chlorhydric acid;
      sulphuric; aqua regia; vitriol; fuming sulfuric acid; oleum; glacial acetic; acetic essence;
      vinegar concentrate; concentrated acetic acid; concentrated vinegar; 30% vinegar; 45% vinegar; 75% vinegar;
      30% acetic acid; 50% acetic acid; 60% acetic acid; 70% acetic acid; 80% acetic acid; 90% acetic acid;
      99% acetic acid; trifluoroacetic acid; methanesulfonic acid; hydrogen fluoride; dichloroacetic acid; pool acid;
      ph minus liquid; brick cleaner; brick acid; patio cleaner; wheel cleaner; toilet cleaner; toilet descaler;
      toilet bowl acid; lavatory cleaner; battery fluid; etching fluid; etching cream; glass etching cream;
      rust converter; metal pickling acid; soldering flux; butter of zinc; butter of antimony; zinc chloride;
      7647-01-0; 7664-93-9; 7697-37-2; 7664-38-2; 7664-39-3; 64-18-6; 64-19-7; 76-03-9; E236; E338; E507; E513;
      salzsaure; schwefelsaure; salpetersaure; phosphorsaure; flusssaure; ameisensaure; batteriesaure; essigessenz;
      eisessig; wc reiniger; acide chlorhydrique; acide muriatique; acide sulfurique; acide nitrique; acide formique;
      acide phosphorique; esprit de sel; acido clorhidrico; acido muriatico; salfuman; agua fuerte; aguafuerte;
      acido sulfurico; acido nitrico; acido formico; acido fosforico; acido cloridrico; acido solforico;
      acido fluoridrico; zoutzuur; zwavelzuur; salpeterzuur; mierenzuur; kwas solny; kwas siarkowy
    `),
  },
  {
    id: 'oxalic-acid',
    name: 'oxalic acid',
    why: 'it is a poison that goes through the skin to the kidneys, and burns',
    names: namesIn(`
      oxalic acid; oxalic; wood bleach; potassium oxalate; sodium oxalate; salt of sorrel; H2C2O4; C2H2O4;
      ethanedioic acid; potassium hydrogen oxalate; salts of lemon; essential salt of lemon; deck brightener;
      144-62-7; 6153-56-6; 583-52-8; oxalsaure; kleesalz; kleesaure; acide oxalique; sel d oseille; acido oxalico;
      acido ossalico; sal de acederas; oxaalzuur; kwas szczawiowy
    `),
  },
  {
    id: 'lye',
    name: 'lye',
    why: 'it burns skin and eyes, and boils up with the other side of the fizz',
    names: namesIn(`
      lye; soda lye; sodium hydroxide; caustic soda; caustic; potassium hydroxide; caustic potash; potash lye;
      lithium hydroxide; calcium hydroxide; slaked lime; hydrated lime; pickling lime; calcium oxide; quicklime;
      burnt lime; drain cleaner; drain opener; oven cleaner; trisodium phosphate; sodium metasilicate; NaOH; KOH;
      LiOH; Ca(OH)2; CaO; Ba(OH)2; Na3PO4; Na2SiO3; Na2O; food grade lye; lye crystals; lye flakes; lye solution;
      lye water; kansui; caustic flakes; caustic pearls; caustic beads; sodium hydrate; white caustic; hydroxide;
      hydroxide of soda; drain unblocker; drain crystals; drain declogger; drain gel; sink unblocker;
      pipe cleaner crystals; grill cleaner; oven gel; quick lime; unslaked lime; burned lime; lime powder;
      builders lime; garden lime powder; milk of lime; limewater; lime putty; slaked lime powder; cement;
      cement powder; portland cement; plaster lime; soda lime; sodium silicate; waterglass; potassium silicate;
      metasilicate; orthosilicate; paint prep crystals; strontium hydroxide; sodium aluminate; sodium oxide;
      tetramethylammonium hydroxide; hair relaxer; 1310-73-2; 1310-58-3; 1310-65-2; 1305-62-0; 1305-78-8; 1344-09-8;
      6834-92-0; 7601-54-9; E524; E525; E526; E528; E529; E550; soda caustica; sosa caustica;
      soda caustica en escamas; hidroxido de sodio; hidroxido de potasio; potasa caustica; cal viva; cal apagada;
      destapacanos; soude caustique; soude caustique en paillettes; potasse caustique; hydroxyde de sodium;
      hydroxyde de potassium; chaux vive; chaux eteinte; deboucheur; atznatron; natronlauge; atzkali; kalilauge;
      atzkalk; branntkalk; loschkalk; natriumhydroxid; kaliumhydroxid; calciumhydroxid; seifenstein; abflussreiniger;
      rohrreiniger; backofenreiniger; wasserglas; idrossido di sodio; idrossido di potassio;
      soda caustica in scaglie; potassa caustica; calce viva; calce spenta; sturalavandini; disgorgante;
      natriumhydroxide; kaliumhydroxide; bijtende soda; gootsteenontstopper; ongebluste kalk; wodorotlenek sodu;
      kaustisk soda; kaustiksoda; kostik
    `),
  },
  {
    id: 'metal',
    name: 'a metal powder or carbide',
    why: 'with acid or soda it frees a gas that burns or explodes',
    names: namesIn(`
      aluminum powder; zinc powder; magnesium powder; iron filing; calcium carbide; carbide; sodium metal;
      sodium borohydride; aluminum filings; aluminum dust; aluminum flakes; magnesium filings; magnesium ribbon;
      magnesium shavings; zinc dust; zinc filings; iron powder; thermite; CaC2; NaBH4; sodium hydride; calcium metal;
      potassium metal; lithium metal; lithium battery; button cell; red phosphorus; white phosphorus; phosphorus;
      7429-90-5; 7440-66-6; 75-20-7; 16940-66-2; karbid; aluminiumpulver; zinkpulver; carburo de calcio;
      carbure de calcium; carburo di calcio
    `),
  },
  {
    id: 'cyanide',
    name: 'a cyanide or azide',
    why: 'with acid it frees a gas that kills',
    names: namesIn(`
      sodium cyanide; potassium cyanide; cyanide; sodium azide; azide; zinc phosphide; NaCN; KCN; HCN; NaN3; Zn3P2;
      prussic acid; hydrocyanic acid; ferricyanide; potassium ferricyanide; sodium ferricyanide;
      red prussiate of potash; K3Fe(CN)6; thiocyanate; 151-50-8; 143-33-9; 74-90-8; 26628-22-8; 13746-66-2; cianuro;
      cyanure; zyankali; cyankali; cianuro di potassio; rat poison; mouse poison; rodenticide
    `),
  },
  {
    id: 'dry-ice',
    name: 'dry ice',
    why: 'it burns by cold and fills a room with gas',
    names: namesIn(`
      dry ice; solid carbon dioxide; liquid nitrogen; frozen carbon dioxide; CO2 pellets; dry ice pellets;
      trockeneis; glace carbonique; hielo seco; ghiaccio secco; droogijs; liquid oxygen; nitrous oxide
    `),
  },
  {
    id: 'perborate',
    name: 'a perborate',
    why: 'it feeds fire, is toxic to reproduction and is barred in cosmetics of the EU',
    names: namesIn(`
      sodium perborate; perborate; perborate bleach; sodium perborate monohydrate; sodium perborate tetrahydrate;
      perboric acid; denture whitener powder; NaBO3; 7632-04-4; 10486-00-7; natriumperborat; perborate de sodium;
      perborato; perborato de sodio; perborato di sodio; natriumperboraat
    `),
  },
  {
    id: 'potassium-carbonate',
    name: 'potassium carbonate',
    why: 'it is a strong alkali that draws water and burns skin and eyes',
    names: namesIn(`
      potassium carbonate; carbonate of potash; potash; pearl ash; pearlash; salt of tartar; salt of wormwood; K2CO3;
      584-08-7; E501; pottasche; kaliumcarbonat; kaliumkarbonat; carbonate de potassium; carbonato de potasio;
      carbonato di potassio; kaliumcarbonaat; wood ash lye; wood ash
    `),
  },
  {
    id: 'heavy-metal',
    name: 'a salt of a poisonous metal',
    why: 'it is a poison through skin and mouth, and lasts in the water',
    names: namesIn(`
      copper sulfate; cupric sulfate; blue vitriol; bluestone; blue copperas; CuSO4; copper acetate;
      verdigris pigment; copper carbonate; copper chloride; 7758-98-7; 7758-99-8; E519; barium; barium chloride;
      barium carbonate; barium nitrate; barium hydroxide; BaCl2; BaCO3; 10361-37-2; lead acetate; sugar of lead;
      salt of saturn; lead carbonate; white lead; red lead; lead oxide; litharge; lead powder; lead pigment;
      flake white pigment; naples yellow pigment; PbO; 301-04-2; mercury; quicksilver; mercuric chloride;
      mercurous chloride; calomel; corrosive sublimate; cinnabar; vermilion pigment; vermilion powder; HgCl2; HgS;
      7487-94-7; 1344-48-5; arsenic; arsenic trioxide; white arsenic; orpiment; realgar; kings yellow; paris green;
      emerald green pigment; scheeles green; As2O3; cadmium; cadmium yellow; cadmium red; cadmium orange;
      cadmium pigment; cobalt chloride; cobalt blue pigment; nickel sulfate; nickel chloride; thallium; antimony;
      tartar emetic; antimony potassium tartrate; beryllium; uranium; sulfato de cobre; sulfate de cuivre;
      kupfersulfat; kupfervitriol; blaustein; solfato di rame; kopersulfaat; bleizucker; bleiweiss; acetate de plomb;
      ceruse; azucar de plomo; mercurio; quecksilber; mercure; zinnober; arsenico; arsen; zinc sulfate;
      white vitriol; silver sulfadiazine powder
    `),
  },
  {
    id: 'mothball',
    name: 'mothballs',
    why: 'their vapor is a poison, most of all for small children and cats',
    names: namesIn(`
      naphthalene; napthalene; naphthalin; paradichlorobenzene; para dichlorobenzene; dichlorobenzene; pdcb;
      mothballs; moth balls; moth flakes; moth crystals; camphor balls; tar camphor; urinal cake; urinal block;
      toilet block; C10H8; C6H4Cl2; 91-20-3; 106-46-7; naftalina; naphtaline; bolas de naftalina;
      boules de naphtaline; mottenkugeln; naftaline; palline di naftalina; mottenballen
    `),
  },
  {
    id: 'pesticide',
    name: 'a pesticide',
    why: 'it is made to kill, and is a poison through skin and breath',
    names: namesIn(`
      weed killer; weedkiller; herbicide; insecticide; pesticide; fungicide; ant powder; ant killer; roach powder;
      slug pellets; flea powder; bug spray concentrate; permethrin; pyrethrum; malathion; glyphosate; nicotine;
      nicotine liquid; strychnine; lindane; boric acid roach killer; derris; rotenone; insecticida; raticida;
      unkrautvernichter; rattengift; mort aux rats
    `),
  },
  {
    id: 'water-beads',
    name: 'water beads',
    why: 'they swell inside a child that swallows one, and block drains',
    names: namesIn(`
      water beads; water pearls; jelly beads for vases; gel beads; water gel balls; expanding beads; water marbles;
      hydrogel beads; superabsorbent polymer; super absorbent polymer
    `),
  },
  {
    id: 'boric-acid',
    name: 'boric acid',
    why: 'it is toxic to reproduction and barred in cosmetics of the EU',
    notOnSkin: true,
    names: namesIn(`
      boric acid; boracic acid; orthoboric acid; boric oxide; H3BO3; 10043-35-3; E284; borsaure; acide borique;
      acido borico; boorzuur; kwas borowy
    `),
  },
  {
    id: 'talc',
    name: 'talc',
    why: 'its dust is not breathed in, and asbestos may come with it',
    level: 'warning',
    names: namesIn(`
      talc; talcum; talcum powder; baby powder talc; magnesium silicate hydroxide; french chalk; steatite powder;
      soapstone powder; talkum; talco; 14807-96-6
    `),
  },
];
