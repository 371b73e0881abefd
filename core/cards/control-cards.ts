/** Cards on contactors, starters, relays and the way one works. Common practice where no source is named. */
import type { Card } from './card';
import { contactSymbols, startingCurrents } from './drawings';

export const controlCards: readonly Card[] = [
  {
    id: 'contact-diagrams',
    title: 'Reading a contact diagram',
    sentences: [
      'Drawn at rest, without supply: touching is normally closed (NC), apart is normally open (NO).',
      'A pole is one moving contact; a terminal is a screw. One pole change-over has three terminals.',
      'Dry contact: it switches what you bring, and gives no volts of its own. A plus sign or a diode at A1 says that polarity matters.',
    ],
    drawing: contactSymbols,
    families: ['control-relay', 'timing-relay', 'monitoring-relay', 'contactor'],
    words: 'nc no spdt dpdt dry contact a1 a2 pole terminal touching polarity',
  },
  {
    id: 'starting-methods',
    title: 'Which way of starting?',
    sentences: [
      'Across the line: full torque, full starting current; the first choice where the supply and the machine stand it.',
      'Star-delta and autotransformer: less current and less torque, for starts with little load; taps are chosen by the torque that the load needs.',
      'Reactor or resistor: smooth, lossy, for few starts. Soft starter: ramps, soft stop against water hammer; no speed.',
      'Drive: speed, and saving where the demand varies; harmonics, leakage, and a residual-current type that suits it.',
      'A weak grid or the utility’s limit decides current; belts, couplings and pipes decide torque.',
    ],
    drawing: startingCurrents,
    families: ['contactor', 'overload-relay'],
    words: 'chooser dol star delta autotransformer reactor soft starter vfd drive torque grid water hammer belt',
  },
  {
    id: 'definite-purpose',
    title: 'Definite-purpose contactors',
    sentences: [
      'Made for one kind of load, as a rule hermetic compressors or heating: rated by FLA, LRA and RES in volts, not by category or size.',
      'Often one pole is a solid bar: the load stays live on that leg with the contactor open.',
      'They are built for a life of that load and no other; jogging is none of it.',
    ],
    families: ['contactor'],
    words: 'dp hermetic compressor hvac fla lra res one pole shunt bar',
  },
  {
    id: 'mercury',
    title: 'Mercury in old relays and switches',
    sentences: [
      'Displacement relays, tilt switches, some timers and lamps hold it in glass or steel. They work in one position only: the arrow points up.',
      'Whole, it is a part like another; broken, its vapour is poisonous and it runs into everything. Air the room, keep people and heat away.',
      'No vacuum cleaner and no broom: what was spilt is taken up by those whom the site has for it.',
      'It leaves the site as waste of its own kind; what comes in its place is another kind of device, so every line of it is judged.',
    ],
    families: ['control-relay', 'timing-relay', 'contactor'],
    words: 'quicksilver hg tilt displacement spill broken vapour poison waste hazard',
  },
  {
    id: 'arc-methods',
    title: 'How an arc is put out',
    sentences: [
      'Air: stretched and split in chutes; the chutes belong on, a contactor without them is not to be closed.',
      'Magnetic blow-out for DC: it has a polarity. Vacuum: small gap, may chop; surge suppression where the motor asks for it.',
      'Gas-filled and oil: sealed, no user’s work; leaks and spent gas are poisonous.',
    ],
    families: ['contactor', 'air-breaker'],
    words: 'vacuum sf6 oil air chute blow-out dc medium voltage',
  },
  {
    id: 'derating',
    title: 'Altitude and ambient',
    sentences: [
      'Thin air cools less and insulates less: above the height on the plate, current and volts are less. The maker’s table says how much; where there is none, it is not known.',
      'A warm enclosure lowers what a thermal device carries and what a coil pulls in at; the air around the device counts, not the room.',
      'A derating note on the cover is part of the plate: write it down with the rest.',
    ],
    families: ['contactor', 'breaker', 'overload-relay'],
    words: 'derating altitude height ambient temperature enclosure note on the cover',
  },
  {
    id: 'panel-short-circuit',
    title: 'Short-circuit rating of the panel',
    sentences: [
      'A panel is as strong as its weakest part on a power path: a new part with a lower rating lowers the whole.',
      'A rating from a tested combination holds for that combination alone: another maker’s device ends it.',
      'Write it down where the panel has its plate, or say that it is not known any more.',
    ],
    families: ['contactor', 'breaker', 'overload-relay', 'fuse'],
    words: 'sccr panel rating weakest combination series rating',
  },
  {
    id: 'monitor-menus',
    title: 'Menus of a monitoring relay',
    sentences: [
      'U is under, O is over; F frequency, V volts. Loss, reversal, delay, latch, hysteresis and power-on stand apart, and names vary by maker.',
      'Fail-safe: the relay is pulled in while all is well, and drops on a fault and with its supply. Not fail-safe: it pulls in on a fault, and a dead relay looks healthy.',
      'What it shows by a blinking lamp is in its maker’s table: enter it once under Plates, What it shows.',
    ],
    table: {
      heads: ['State', 'Fail-safe (energised when healthy)', 'Not fail-safe (energised on fault)'],
      rows: [
        ['All is well', 'pulled in: 11-14 closed, 11-12 open', 'dropped out: 11-12 closed, 11-14 open'],
        ['Fault, after its delay', 'dropped out: 11-12 closed', 'pulled in: 11-14 closed'],
        ['Its own supply is gone', 'dropped out: as on a fault', 'dropped out: as if all were well'],
        ['Its coil or lamp is dead', 'dropped out: as on a fault', 'dropped out: as if all were well'],
        ['A wire to its contact is broken, 11-14 used', 'open: as on a fault', 'open: no fault is ever told'],
      ],
    },
    families: ['monitoring-relay'],
    words: 'token uv ov uf of blink backlight fail-safe latch hysteresis power-on pin menu',
  },
  {
    id: 'monitor-blind',
    title: 'What a monitoring relay does not see',
    sentences: [
      'Overload, an earth fault, a phase lost behind the place where it measures.',
      'A phase that running motors feed back, if it watches volts alone.',
      'It complements the overload relay and never replaces it.',
    ],
    families: ['monitoring-relay', 'overload-relay'],
    words: 'coverage blind overload earth fault load side',
  },
  {
    id: 'tap-test',
    title: 'The tap that frees a relay',
    sentences: [
      'A tap that frees it shows that it stuck or was welded; it is a test and no repair.',
      'Then pull it, and measure its contacts open and closed, with the coil off and on.',
      'It comes out at the next moment at which the machine may stand.',
    ],
    families: ['control-relay', 'contactor'],
    words: 'tap stuck welded temporary knock',
  },
  {
    id: 'retrofit-tags',
    title: 'Photograph before a wire is loosened',
    sentences: [
      'Old part, its plate, every terminal with its wire number; then tags on the wires.',
      'A pin-out is never taken from a part that looks alike.',
      'Where the plate is dirty: wipe, light from the side, magnify; then look in the second place, side, base, inside of the cover.',
    ],
    families: ['contactor', 'control-relay', 'timing-relay', 'breaker-coil'],
    words: 'photo picture wire number dirty worn plate torch magnify second place',
  },
  {
    id: 'arc-and-clothes',
    title: 'Arc and clothing',
    sentences: [
      'The site’s rules say what is worn and how far away one stands; this card does not.',
      'Leather and synthetics are no protection against an arc: rated clothing, face shield, gloves of the class for the volts.',
      'Nobody stands before a door or a breaker that is closed for the first time.',
    ],
    families: ['air-breaker', 'breaker', 'contactor'],
    words: 'ppe arc flash blast gloves leather shield clothes distance',
  },
  {
    id: 'air-breaker-time',
    title: 'How long a power breaker is out',
    sentences: [
      'A fixed one is unbolted with its whole section dead: plan for days, and for who feeds what meanwhile.',
      'A draw-out one is changed while the bars stay as they are, by its maker’s steps and the site’s rules.',
      'Where the load may not stand, the next one is draw-out.',
    ],
    families: ['air-breaker'],
    words: 'outage estimate fixed draw-out days downtime',
  },
];
