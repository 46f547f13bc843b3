import { Box, chakra } from '@chakra-ui/react';
import { Button } from '../parts/Button';
import { CheckField } from '../parts/CheckField';
import { ChoiceField } from '../parts/ChoiceField';
import { ComputedFigure } from '../parts/ComputedFigure';
import { FieldGrid } from '../parts/FieldGroup';
import { TextField } from '../parts/TextField';
import { StopPanel } from '../stop/StopPanel';
import { type Catalogue, type TypedItem } from './types';

interface Props {
    item: TypedItem;
    catalogue: Catalogue;
    problems: Record<string, string>;
    /** Figures that the drawn sump computes, in words, by key. */
    computed: Record<string, string>;
    systemId: number;
    /** Lines the item can be moved to; empty for a part taken out. */
    lines: [string, string][];
    line: string;
    onChange: (change: Partial<TypedItem>) => void;
    onLine: (line: string) => void;
    onTakeOut: (() => void) | null;
    onRemove: () => void;
}

/** Everything that can be said of one item: its figures, properties, media and the keeper's words. */
export function ItemEditor({
    item,
    catalogue,
    problems,
    computed,
    systemId,
    lines,
    line,
    onChange,
    onLine,
    onTakeOut,
    onRemove,
}: Props) {
    const kind = catalogue.kinds.find((one) => one.key === item.kind);
    if (kind === undefined) {
        return null;
    }
    const own = problems[`item.${item.id}`];
    const text = (field: 'name' | 'tag' | 'note' | 'keptBecause' | 'keptWhere', label: string, placeholder = '') => (
        <TextField
            label={label}
            placeholder={placeholder}
            value={item[field]}
            onText={(value) => onChange({ [field]: value })}
            error={problems[`item.${item.id}.${field}`]}
            maxLength={500}
        />
    );
    const figure = (key: string) =>
        computed[key] !== undefined ? (
            <ComputedFigure
                key={key}
                label={catalogue.figures[key]?.label ?? key}
                text={computed[key]}
                systemId={systemId}
            />
        ) : (
            <TextField
                key={key}
                label={catalogue.figures[key]?.label ?? key}
                unit={catalogue.figures[key]?.unit || undefined}
                inputMode="decimal"
                placeholder={kind.usual[key] ? `${kind.usual[key]}${key === 'count' ? '' : ', estimate'}` : ''}
                value={item.figures[key] ?? ''}
                onText={(value) => onChange({ figures: { ...item.figures, [key]: value } })}
                error={problems[`item.${item.id}.${key}`]}
                maxLength={40}
            />
        );
    const given = kind.roomAndPower.filter((key) => (item.figures[key] ?? '') !== '').length;
    return (
        <Box py="3" pl={{ md: '2' }} pr={{ md: '3' }} display="grid" gap="3" data-item-editor={item.id}>
            <Box fontSize="sm" color="quiet">
                {kind.says}
            </Box>
            {own !== undefined && (
                <Box color="fault" fontSize="sm" fontWeight="600" role="alert">
                    {own}
                </Box>
            )}
            <FieldGrid columns={3}>
                {text('name', 'Name', kind.label)}
                {text('tag', 'Tag, in your own word', 'mechanical')}
                {kind.choices.map((key) => (
                    <ChoiceField
                        key={key}
                        label={catalogue.choices[key]?.label ?? key}
                        value={item.choices[key] ?? ''}
                        options={[['', 'not given'], ...(catalogue.choices[key]?.options ?? [])]}
                        onPick={(word) => onChange({ choices: { ...item.choices, [key]: word } })}
                    />
                ))}
                {kind.figures.map(figure)}
            </FieldGrid>
            {kind.holdsMedia && (
                <MediaFields item={item} catalogue={catalogue} problems={problems} onChange={onChange} />
            )}
            <Box display="flex" flexWrap="wrap" columnGap="5" rowGap="1">
                {kind.flags.map((flag) => (
                    <CheckField
                        key={flag}
                        label={catalogue.flags[flag] ?? flag}
                        checked={item.flags.includes(flag)}
                        onCheck={(checked) =>
                            onChange({
                                flags: checked ? [...item.flags, flag] : item.flags.filter((one) => one !== flag),
                            })
                        }
                    />
                ))}
            </Box>
            <chakra.details open={kind.roomAndPower.some((key) => `item.${item.id}.${key}` in problems) || undefined}>
                <chakra.summary
                    cursor="pointer"
                    fontSize="sm"
                    fontWeight="600"
                    width="fit-content"
                    minH={{ base: '44px', md: '28px' }}
                    alignContent="center"
                >
                    Power, sockets and footprint {given > 0 && `(${given} given)`}
                </chakra.summary>
                <Box pt="1">
                    <FieldGrid columns={3}>{kind.roomAndPower.map(figure)}</FieldGrid>
                </Box>
            </chakra.details>
            <StopPanel systemId={systemId} item={item.id} kind={item.kind} />
            <FieldGrid columns={3}>
                {text('note', 'Note')}
                {text('keptBecause', 'Kept because')}
                {lines.length === 0 && text('keptWhere', 'Kept where')}
                {lines.length > 1 && <ChoiceField label="On line" value={line} options={lines} onPick={onLine} />}
            </FieldGrid>
            <Box display="flex" flexWrap="wrap" gap="2">
                {onTakeOut !== null && <Button onClick={onTakeOut}>Take out, keep the part</Button>}
                <Button onClick={onRemove}>Remove</Button>
            </Box>
        </Box>
    );
}

/** What a bag, reactor, basket or shelf holds, each medium with its amount. */
function MediaFields({
    item,
    catalogue,
    problems,
    onChange,
}: Pick<Props, 'item' | 'catalogue' | 'problems' | 'onChange'>) {
    const set = (media: TypedItem['media']) => onChange({ media });
    return (
        <chakra.fieldset display="grid" gap="2">
            <chakra.legend fontSize="sm" fontWeight="600">
                Media in it
            </chakra.legend>
            {item.media.map((load, i) => (
                <Box key={i} display="flex" flexWrap="wrap" gap="3" alignItems="end">
                    <ChoiceField
                        label="Medium"
                        value={load.medium}
                        options={catalogue.media}
                        onPick={(medium) => set(item.media.with(i, { ...load, medium }))}
                    />
                    <Box width="10rem">
                        <TextField
                            label="Amount"
                            unit="g"
                            inputMode="decimal"
                            value={load.grams}
                            onText={(grams) => set(item.media.with(i, { ...load, grams }))}
                            error={problems[`item.${item.id}.media.${i}`]}
                            maxLength={40}
                        />
                    </Box>
                    <Button look="plain" onClick={() => set(item.media.toSpliced(i, 1))}>
                        Take this medium out
                    </Button>
                </Box>
            ))}
            <Box>
                <Button
                    look="plain"
                    px="0"
                    onClick={() => set([...item.media, { medium: catalogue.media[0]?.[0] ?? '', grams: '' }])}
                >
                    Add a medium
                </Button>
            </Box>
        </chakra.fieldset>
    );
}
