/** Cards on breakers, fuses and residual-current devices. Common practice where no source is named. */
import type { Card } from './card';
import { neutralOnDc, overvoltageRegimes } from './drawings';

export const protectionCards: readonly Card[] = [
  {
    id: 'curve-myths',
    title: 'Curve letters: three sayings that are wrong',
    sentences: [
      '“B for homes, C for shops, D for industry”: the letter follows the inrush of the load and the fault current at the far end, not the building.',
      '“A later letter is always safer”: a later letter asks for more fault current to open in time; where the loop does not give it, it protects nobody.',
      '“An AC breaker does DC as well”: without a current zero it may not break the arc at all. It serves DC only where it is marked for it, with volts, poles and polarity.',
    ],
    families: ['breaker', 'residual-current'],
    words: 'myth b c d letter domestic commercial industrial ac on dc',
  },
  {
    id: 'fuse-or-breaker',
    title: 'Fuse against breaker',
    sentences: [
      'A fuse is small, cheap, fast at high faults and lets little energy through; it is spent once, and the right spare must lie beside it.',
      'A breaker is reset, opens all poles together and can be signalled; its breaking capacity must suit the place, and after a large fault it is replaced.',
      'They are no substitutes for each other without a new look at the circuit: class, let-through, back-up and coordination change.',
    ],
    families: ['fuse', 'breaker'],
    words: 'which is better spare reset cost current limiting',
  },
  {
    id: 'meter-fuse',
    title: 'The fuse in one’s own meter',
    sentences: [
      'A blown meter fuse replaced by another kind can burst in the hand: only the type that its maker prints, with its volts and breaking capacity.',
      'Meter and leads need the measurement category of the place; the current jack is checked before every voltage measurement.',
      'The internal range of most hand meters ends at ten amps: beyond it a clamp.',
    ],
    families: ['fuse'],
    words: 'multimeter cat iii cat iv category 10 a clamp probe leads',
    source: 'IEC 61010-2-033 (measurement categories), from memory',
  },
  {
    id: 'spare-fuse',
    title: 'Where a spare fuse lives',
    sentences: [
      'In the drawer of the inlet, or in a clip beside the holder that is marked as a spare and not wired.',
      'Write class, amps and volts beside the holder, not only on the fuse: the blown one may be unreadable.',
      'Two in stock for each holder; the last one taken asks for an order.',
    ],
    families: ['fuse'],
    words: 'drawer clip stock reorder label storage',
  },
  {
    id: 'old-fuse-test',
    title: 'Is the old fuse blown?',
    sentences: [
      'Out of circuit only: a parallel path reads as a sound fuse.',
      'By ohmmeter: near 0 Ω is good, without end is blown. A look is an answer only through clear glass; filled and opaque bodies hide the break.',
      'A burst or black glass says short circuit, a wire that melted in the middle says overload: a hint for the search, no proof.',
    ],
    families: ['fuse'],
    words: 'continuity test glass ceramic opaque blown visual 0 ohm',
  },
  {
    id: 'fuse-forms',
    title: 'Small fuses by their form',
    sentences: [
      'Cartridge: glass for low breaking capacity, filled ceramic for high; a glass one never takes the place of a ceramic one.',
      'Blade: by size, and amps by colour; the figure on the blade counts, the colour is a help.',
      'Axial: looks like a resistor. Plug: a screw body. Resettable: rises in resistance when hot and comes back when the supply is off; for low powers only, and no fuse in the sense of the rules.',
    ],
    table: {
      heads: ['Blade', 'Colours, by amps'],
      rows: [
        ['standard, mini', '2 grey, 3 violet, 4 pink, 5 tan, 7.5 brown, 10 red, 15 blue, 20 yellow, 25 clear, 30 green'],
        ['maxi', '20 yellow, 30 green, 40 orange, 50 red, 60 blue, 70 tan, 80 clear'],
        ['volts', '32 V DC unless the blade says 58 V or more; never on the mains'],
      ],
    },
    source: 'ISO 8820-3, from memory, and common practice',
    families: ['fuse'],
    words: 'blade automotive colour axial inline plug paper resettable ptc polymer cartridge glass ceramic sand',
  },
  {
    id: 'slow-or-limiter',
    title: 'When a slow fuse is enough, and when inrush needs a limiter',
    sentences: [
      'A slow fuse is enough where the inrush is short beside its melting I²t and the conductor stands the rest: the requirements hold both.',
      'Many supplies switched together, large capacitors or a toroid ask for a limiter, a soft start, or switching at the right moment of the wave.',
      'A thermistor limiter is hot while it works and limits nothing when switched on again at once.',
    ],
    families: ['fuse', 'breaker'],
    words: 'inrush ntc thermistor capacitor toroid led drivers i2t',
  },
  {
    id: 'overvoltage',
    title: 'Overvoltage: three regimes, three remedies',
    sentences: [
      'Wrong supply, for as long as it is there: a clamp with a fuse, or a switch that opens; a varistor burns.',
      'A signal input, milliamps: series resistance and diodes to its rails.',
      'A surge of the mains, microseconds: gas tube or spark gap, then varistor, then suppressor, with distance or inductance between them.',
      'None of them helps against a plug that fits where it should not: mark it, or make it not fit.',
    ],
    drawing: overvoltageRegimes,
    families: ['monitoring-relay', 'residual-current'],
    words: 'surge spd zener varistor gas tube spark gap diode wrong polarity same jack',
  },
  {
    id: 'neutral-dc',
    title: 'An AC panel used for DC',
    sentences: [
      'The neutral bar of an AC panel is bonded in places where DC may not be: look for the bonding screw or strap, and say in writing whether it is in.',
      'Bars, main breaker and branch breakers need a DC mark for the volts that can occur, the highest and not the nominal; the AC main is often the part that has none.',
      'Both poles may have to open, and polarity matters where the breaker says so.',
    ],
    drawing: neutralOnDc,
    families: ['breaker'],
    words: 'neutral bonding screw strap dc panel polarity battery solar',
  },
  {
    id: 'photovoltaic',
    title: 'Strings of photovoltaic modules',
    sentences: [
      'Their short-circuit current lies near their working current: no overcurrent device trips on a fault of one string alone.',
      'What counts is the current that the others can feed back into one, and the open-circuit voltage at the lowest temperature.',
      'A DC arc does not go out by itself: the circuit is opened by a switch that is made for it, never by a fuse-holder under load.',
    ],
    families: ['fuse'],
    words: 'pv solar string backfeed open circuit voltage dc arc',
  },
  {
    id: 'rcd-stunned',
    title: 'A residual-current device that has been blinded',
    sentences: [
      'Smooth direct current in the leakage magnetises its core, and it does not see an alternating fault any more.',
      'Pressing the test button shows that it can trip, not at how much nor how fast: a tester does.',
      'A device before it of a lesser type is blinded with it: the type holds for every one in the path.',
    ],
    families: ['residual-current'],
    words: 'stunned blinded smooth dc type ac a b tester test button upstream',
  },
  {
    id: 'capacitor-hazard',
    title: 'What a capacitor can still do',
    sentences: [
      'It holds its charge with the supply off and the lead pulled: discharge it through a resistor, section by section, then prove it dead.',
      'A screwdriver across it is no resistor: it welds, throws metal, and can break what is inside.',
      'A bulged lid, a leak or a case that has swollen: it is spent, and may burst; do not put volts on it again to see.',
      'Oil of old ones without a class of safety may be poisonous (marked, or not): gloves, a closed bag, and the site’s way of getting rid of it.',
    ],
    families: ['run-capacitor'],
    words: 'burst bulged leak charge discharge bleeder oil pcb shock hazard',
  },
  {
    id: 'counterfeit',
    title: 'Signs of a counterfeit or reworked part',
    sentences: [
      'Printing that wipes off, a mark without the maker’s number beside it, weight or screws that differ from its neighbours.',
      'Fresh paint or new stickers over old marks, polished contacts, date codes that do not agree with each other.',
      'A price far below every other, no papers: ask the maker or put it aside. It is not known until it is shown.',
    ],
    families: ['breaker', 'fuse', 'contactor', 'residual-current', 'air-breaker'],
    words: 'fake refurbished reworked approval mark label',
  },
  {
    id: 'approval-marks',
    title: 'Approval marks',
    sentences: [
      'Listed: the whole part may be installed as it is, by its instructions. Recognised component: only inside equipment whose maker has taken its limits into account.',
      'A mark is written down as seen; a mark that nobody here knows is not known, and no reason to refuse by itself.',
      'A standard’s number on the plate says more than a logo: it says for which use the part was tested.',
    ],
    families: ['breaker', 'contactor', 'control-relay'],
    words: 'listed recognised component certification logo standard number',
  },
];
