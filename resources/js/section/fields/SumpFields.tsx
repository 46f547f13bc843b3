import { Box } from '@chakra-ui/react';
import { useUnits } from '../../lib/figures';
import { CheckField } from '../../parts/CheckField';
import { ChoiceField } from '../../parts/ChoiceField';
import { type Choices, type TypedRear, type TypedSection, type TypedTank } from '../types';
import { FittingFields } from './PlumbingFields';
import { type Problems, figureField } from './figureField';
import { PartGrid } from './PartGrid';

interface Props {
    section: TypedSection;
    choices: Choices;
    problems: Problems;
    onChange: (change: Partial<TypedSection>) => void;
}

type Figure = [keyof TypedSection, string, string];

function Figures({ of, section, problems, onChange }: Props & { of: Figure[] }) {
    return of.map(([key, label, unit]) =>
        figureField(section, key, label, unit, key, problems, (typed) => onChange({ [key]: typed })),
    );
}

/** Whether a sump is drawn or chambers behind the display; each has its own start. */
function StyleField({ section, starts, onChange }: Props & { starts: Record<string, TypedSection> }) {
    return (
        <ChoiceField
            label="What is drawn"
            value={section.rear === undefined ? 'sump' : 'rear-chamber'}
            options={[
                ['sump', 'a sump under the tank'],
                ['rear-chamber', 'chambers behind the display'],
            ]}
            onPick={(style) => {
                const start = starts[style];
                if (start !== undefined) {
                    onChange({ ...start, rear: start.rear });
                }
            }}
        />
    );
}

const REAR: [keyof TypedRear, string][] = [
    ['crestMm', 'Foot of the slots'],
    ['slotTopMm', 'Slots end at'],
    ['slotsMm', 'Length with slots'],
    ['openShare', 'Open share of it'],
    ['thicknessMm', 'Wall'],
    ['nozzleMm', 'Mouth of the return'],
    ['lidMm', 'Underside of the lid'],
];

/** The wall between the display and the chambers behind it. */
export function RearFields({ section, choices, problems, onChange }: Props) {
    const { rear } = section;
    return rear === undefined ? null : (
        <>
            <PartGrid>
                {REAR.map(([key, label]) =>
                    figureField(
                        rear,
                        key,
                        label,
                        key === 'openShare' ? undefined : choices.length.unit,
                        `rear.${key}`,
                        problems,
                        (text) => onChange({ rear: { ...rear, [key]: text } }),
                    ),
                )}
            </PartGrid>
            <Box fontSize="xs" color="quiet" mt="2">
                Heights over the floor of the tank. The size of the display before the wall stands under Path, Water.
            </Box>
        </>
    );
}

/** The tank the sump is made of, or the chambers behind the display. */
export function SizeFields(
    props: Props & {
        sizes: { label: string; lengthMm: string; widthMm: string; heightMm: string }[];
        starts: Record<string, TypedSection>;
    },
) {
    const { section, choices, sizes, onChange } = props;
    const mm = choices.length.unit;
    if (section.rear !== undefined) {
        return (
            <>
                <PartGrid>
                    <StyleField {...props} />
                    <Figures
                        {...props}
                        of={[
                            ['lengthMm', 'Length, inside', mm],
                            ['widthMm', 'Front to back, inside', mm],
                            ['heightMm', 'Height to the rim', mm],
                            ['wallMm', 'Wall', mm],
                        ]}
                    />
                </PartGrid>
                <Box mt="2">
                    <CheckField
                        label="Water runs to the left"
                        checked={section.toTheLeft}
                        onCheck={(toTheLeft) => onChange({ toTheLeft })}
                    />
                </Box>
            </>
        );
    }
    return (
        <>
            <PartGrid>
                <StyleField {...props} />
                <ChoiceField
                    label="Take a common size"
                    value=""
                    options={[['', 'choose'], ...sizes.map((size, i) => [String(i), size.label] as const)]}
                    onPick={(i) => {
                        const size = sizes[Number(i)];
                        if (i !== '' && size !== undefined) {
                            const { lengthMm, widthMm, heightMm } = size;
                            onChange({ lengthMm, widthMm, heightMm });
                        }
                    }}
                />
                <ChoiceField
                    label="Made of"
                    value={section.material}
                    options={[
                        ['glass', 'glass'],
                        ['acrylic', 'acrylic'],
                    ]}
                    onPick={(material) => onChange({ material })}
                />
                <Figures
                    {...props}
                    of={[
                        ['lengthMm', 'Inner length', mm],
                        ['widthMm', 'Inner width', mm],
                        ['heightMm', 'Inner height', mm],
                        ['wallMm', 'Wall', mm],
                        ['bottomMm', 'Bottom', mm],
                    ]}
                />
            </PartGrid>
            <Box display="grid" mt="2">
                <CheckField
                    label="Water runs to the left"
                    checked={section.toTheLeft}
                    onCheck={(toTheLeft) => onChange({ toTheLeft })}
                />
                <CheckField
                    label="Braced or rimmed at the top"
                    checked={section.braced}
                    onCheck={(braced) => onChange({ braced })}
                />
                <CheckField
                    label="Bottom held at its edges only"
                    checked={section.bottomOnEdges}
                    onCheck={(bottomOnEdges) => onChange({ bottomOnEdges })}
                />
            </Box>
        </>
    );
}

/** What of the sump depends on its cabinet. */
export function CabinetFields(props: Props) {
    const mm = props.choices.length.unit;
    return (
        <PartGrid>
            <Figures
                {...props}
                of={[
                    ['cabinetMm', 'Clear height in the cabinet', mm],
                    ['cabinetLengthMm', 'Clear length', mm],
                    ['cabinetWidthMm', 'Clear width', mm],
                ]}
            />
        </PartGrid>
    );
}

/** The water of the sump, what comes down from the display, or what is topped up. */
export function WaterFields({ of, ...props }: Props & { of: string }) {
    const { unit } = useUnits();
    const mm = props.choices.length.unit;
    const figures: Record<string, Figure[]> = {
        '#water': [
            ['returnLevelMm', 'Running water at the return', mm],
            ['pumpMinimumMm', 'Pump sucks air below', mm],
        ],
        '#display': [
            ['fallMm', 'Display falls in a power cut', mm],
            ['boxLitres', 'Overflow box drains', unit('volume')],
        ],
        '#top-off': [
            ['evaporationLitresADay', 'Evaporation a day', unit('volume')],
            ['reservoirLitres', 'Top-off reservoir', unit('volume')],
        ],
    };
    return (
        <PartGrid>
            <Figures {...props} of={figures[of] ?? []} />
        </PartGrid>
    );
}

/** What a further tank of the path lets down into the sump. */
export function TankFields({ line, section, choices, problems, onChange }: Props & { line: string }) {
    const { unit } = useUnits();
    const mm = choices.length.unit;
    const tank = section.tanks.find((one) => one.line === line) ?? { line, drainFittings: {} };
    const set = (change: Partial<TypedTank>) =>
        onChange({ tanks: [...section.tanks.filter((one) => one.line !== line), { ...tank, ...change }] });
    const one = (key: keyof TypedTank, label: string, suffix: string) =>
        figureField(tank, key, label, suffix, `tank.${line}.${key}`, problems, (typed) => set({ [key]: typed }));
    return (
        <>
            <PartGrid>
                {one('lengthMm', 'Inner length', mm)}
                {one('widthMm', 'Inner width', mm)}
                {one('fallMm', 'Falls in a power cut', mm)}
                {one('boxLitres', 'Overflow box drains', unit('volume'))}
                {one('overflowMm', 'Edge of its overflow', mm)}
                {one('drainBoreMm', 'Its drain, bore', mm)}
                {one('drainFallMm', 'Its drain, fall', mm)}
                {one('drainLengthMm', 'Its drain, length', mm)}
                {one('boreMm', 'Its return pipe, bore', mm)}
                {one('pipeLengthMm', 'Its return pipe, length', mm)}
            </PartGrid>
            <FittingFields
                name="drain"
                at={`tank.${line}.drainFittings`}
                counts={tank.drainFittings}
                choices={choices}
                problems={problems}
                onChange={(drainFittings) => set({ drainFittings })}
            />
        </>
    );
}
