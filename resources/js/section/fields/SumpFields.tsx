import { Box } from '@chakra-ui/react';
import { useUnits } from '../../lib/figures';
import { CheckField } from '../../parts/CheckField';
import { ChoiceField } from '../../parts/ChoiceField';
import { FieldGrid } from '../../parts/FieldGroup';
import { type Choices, type TypedSection } from '../types';
import { type Problems, figureField } from './figureField';

/** The tank the sump is made of, its water, and what comes down from above. */
export function SumpFields({
    section,
    choices,
    sizes,
    problems,
    text,
    onChange,
}: {
    section: TypedSection;
    choices: Choices;
    sizes: { label: string; lengthMm: number; widthMm: number; heightMm: number }[];
    problems: Problems;
    /** Millimetres as the keeper types them. */
    text: (mm: number) => string;
    onChange: (change: Partial<TypedSection>) => void;
}) {
    const { unit } = useUnits();
    const { unit: mm } = choices.length;
    const one = (key: keyof TypedSection, label: string, suffix: string) =>
        figureField(section, key, label, suffix, key, problems, (typed) => onChange({ [key]: typed }));
    return (
        <>
            <Box display="flex" flexWrap="wrap" gap="3" mb="3" alignItems="end">
                <ChoiceField
                    label="Take a common size"
                    value=""
                    options={[['', 'choose'], ...sizes.map((size, i) => [String(i), size.label] as const)]}
                    onPick={(i) => {
                        const size = sizes[Number(i)];
                        if (i !== '' && size !== undefined) {
                            onChange({
                                lengthMm: text(size.lengthMm),
                                widthMm: text(size.widthMm),
                                heightMm: text(size.heightMm),
                            });
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
            <FieldGrid columns={5}>
                {one('lengthMm', 'Inner length', mm)}
                {one('widthMm', 'Inner width', mm)}
                {one('heightMm', 'Inner height', mm)}
                {one('wallMm', 'Wall', mm)}
                {one('bottomMm', 'Bottom', mm)}
                {one('cabinetMm', 'Clear height in the cabinet', mm)}
                {one('returnLevelMm', 'Running water at the return', mm)}
                {one('pumpMinimumMm', 'Pump sucks air below', mm)}
                {one('fallMm', 'Display falls in a power cut', mm)}
                {one('boxLitres', 'Overflow box drains', unit('volume'))}
                {one('evaporationLitresADay', 'Evaporation a day', unit('volume'))}
                {one('reservoirLitres', 'Top-off reservoir', unit('volume'))}
            </FieldGrid>
        </>
    );
}
