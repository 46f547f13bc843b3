import { type Choices, type SectionView, type TypedSection } from '../types';

/** The groups of a sump in the order in which it is worked out. */
export const GROUPS = [
    ['tank', 'Tank'],
    ['baffles', 'Baffles and trays'],
    ['equipment', 'Equipment'],
    ['pipes', 'Pipes'],
    ['power', 'Power cut'],
] as const;

export type GroupName = (typeof GROUPS)[number][0];

/** One part of the sump, in one line; what is no part of its own goes by a mark after a #. */
export interface Row {
    id: string;
    name: string;
    says: string;
}

/** The parts of a group, each in one line. */
export function rowsOf(group: GroupName, section: TypedSection, view: SectionView, choices: Choices): Row[] {
    const mm = choices.length.unit;
    const given = (...parts: [string | undefined, string][]) =>
        parts
            .filter(([value]) => value !== undefined && value !== '')
            .map(([value, says]) => says.replace('{}', value ?? ''))
            .join(', ') || 'not given';
    const { plumbing, rear } = section;
    const { basket } = section.workshop;
    const belowTank = (): Row[] => [
        { id: '#overflow', name: 'Overflow', says: given([plumbing.overflowMm, `edge {} ${mm}`]) },
        {
            id: '#drain',
            name: 'Drain',
            says: given([plumbing.drainBoreMm, `bore {} ${mm}`], [plumbing.drainFallMm, 'fall {}']),
        },
        {
            id: '#emergency',
            name: 'Emergency pipe',
            says: given([plumbing.emergencyBoreMm, `bore {} ${mm}`], [plumbing.emergencyFallMm, 'fall {}']),
        },
        {
            id: '#joints',
            name: 'Metric or inch',
            says: given([Object.values(plumbing.systems).filter(Boolean).join(', '), '{}']),
        },
    ];
    switch (group) {
        case 'tank':
            if (rear !== undefined) {
                return [
                    {
                        id: '#size',
                        name: 'Chambers',
                        says: `${section.lengthMm} × ${section.widthMm} × ${section.heightMm} ${mm}`,
                    },
                    {
                        id: '#rear',
                        name: 'Wall and slots',
                        says: given(
                            [rear.crestMm, `slots from {} ${mm}`],
                            [rear.nozzleMm, 'return at {}'],
                            [rear.lidMm, 'lid at {}'],
                        ),
                    },
                ];
            }
            return [
                {
                    id: '#size',
                    name: 'Inner size and sheets',
                    says: `${section.lengthMm} × ${section.widthMm} × ${section.heightMm} ${mm}, ${section.material} ${section.wallMm}`,
                },
                {
                    id: '#cabinet',
                    name: 'Cabinet',
                    says: given(
                        [section.cabinetMm, `{} ${mm} clear height`],
                        [section.cabinetLengthMm, '{} long'],
                        [section.cabinetWidthMm, '{} wide'],
                    ),
                },
            ];
        case 'baffles':
            return [
                ...section.baffles.map((baffle) => ({
                    id: baffle.id,
                    name: choices.kinds.find(([kind]) => kind === baffle.kind)?.[1] ?? baffle.kind,
                    says: given(
                        [baffle.atMm, `at {} ${mm}`],
                        [baffle.topMm, 'top {}'],
                        [baffle.kind === 'under' ? baffle.gapMm : '', 'gap {}'],
                    ),
                })),
                ...section.trays.map((tray) => ({
                    id: tray.id,
                    name: choices.trays.find(([kind]) => kind === tray.kind)?.[1] ?? tray.kind,
                    says: `chamber ${tray.chamber + 1}, ${given([tray.topMm, `top {} ${mm}`])}${(tray.openings ?? []).length > 0 ? `, ${(tray.openings ?? []).length} openings` : ''}`,
                })),
            ];
        case 'equipment':
            return [
                ...(basket === undefined
                    ? []
                    : [
                          {
                              id: '#basket',
                              name: 'Media basket',
                              says: `${basket.use === undefined ? 'not placed' : `chamber ${basket.use.chamber + 1}`}, ${basket.shelves} shelves, ${basket.use?.layers.length ?? 0} layers`,
                          },
                      ]),
                ...section.placed.map((device) => ({
                    id: device.id,
                    name: device.name,
                    says: `chamber ${device.chamber + 1}, ${given([device.standMm === '0' ? '' : device.standMm, `on {} ${mm}`], [device.heightMm, '{} high'])}`,
                })),
            ];
        case 'pipes':
            return [
                {
                    id: '#pump',
                    name: 'Return pump',
                    says: given(
                        [plumbing.pumpLitresPerHour, 'most flow {}'],
                        [plumbing.pumpHeadMetres, 'most height {}'],
                    ),
                },
                {
                    id: '#return',
                    name: 'Return pipe',
                    says: given([plumbing.boreMm, `bore {} ${mm}`], [plumbing.liftMm, 'lift {}']),
                },
                ...(rear !== undefined ? [] : belowTank()),
            ];
        case 'power':
            return [
                {
                    id: '#water',
                    name: rear === undefined ? 'Return chamber' : 'Pump chamber',
                    says: given([section.returnLevelMm, `runs at {} ${mm}`], [section.pumpMinimumMm, 'air below {}']),
                },
                ...(rear !== undefined
                    ? []
                    : [
                          {
                              id: '#display',
                              name: 'Display',
                              says: given([section.fallMm, `falls {} ${mm}`], [section.boxLitres, 'box {}']),
                          },
                      ]),
                {
                    id: '#top-off',
                    name: 'Top-off',
                    says: given(
                        [section.evaporationLitresADay, '{} a day evaporate'],
                        [section.reservoirLitres, 'reservoir {}'],
                    ),
                },
                ...(rear === undefined ? view.proposals.tanks : []).map(({ line, name }) => {
                    const tank = section.tanks.find((one) => one.line === line);
                    return {
                        id: `#tank:${line}`,
                        name,
                        says: given([tank?.fallMm, `falls {} ${mm}`], [tank?.boxLitres, 'box {}']),
                    };
                }),
            ];
    }
}

/** The group a part belongs to. */
export function groupOf(id: string, section: TypedSection): GroupName {
    if (id === '#basket' || section.placed.some((one) => one.id === id)) {
        return 'equipment';
    }
    if (!id.startsWith('#')) {
        return 'baffles';
    }
    return ['#size', '#rear', '#cabinet'].includes(id)
        ? 'tank'
        : ['#water', '#display', '#top-off'].includes(id) || id.startsWith('#tank:')
          ? 'power'
          : 'pipes';
}

/** A list of parts with one of them changed. */
export function changed<T extends { id: string }>(list: T[], id: string, change: Partial<T>): T[] {
    return list.map((one) => (one.id === id ? { ...one, ...change } : one));
}
