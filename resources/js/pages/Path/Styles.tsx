import { Box, chakra } from '@chakra-ui/react';
import { router } from '@inertiajs/react';
import { type SyntheticEvent, useState } from 'react';
import { Frame } from '../../frame/Frame';
import { useUnits } from '../../lib/figures';
import { type Basis, type SystemFrame, useShared } from '../../lib/page';
import { useLiveDraft } from '../../lib/useLiveDraft';
import { BasisNote } from '../../parts/BasisNote';
import { Button } from '../../parts/Button';
import { ChoiceField } from '../../parts/ChoiceField';
import { TextField } from '../../parts/TextField';
import { SEVERITY, type Severity } from '../../parts/severity';
import { PathTabs } from '../../path/PathTabs';

interface Cell {
    style: string;
    text: string;
    severity: Severity;
    reason: string;
    school: string | null;
    basis: Basis | null;
}

interface Row {
    key: string;
    label: string;
    cells: Cell[];
}

type TypedRoom = Record<
    | 'cabinetLength'
    | 'cabinetWidth'
    | 'cabinetHeight'
    | 'budget'
    | 'powerPrice'
    | 'noise'
    | 'spill'
    | 'skill'
    | 'drilled'
    | 'look',
    string
>;

interface Props {
    frame: SystemFrame;
    version: number;
    typed: TypedRoom;
    skills: [string, string][];
    styles: { key: string; label: string }[];
    view: Row[];
}

const TOLERANCES = [
    ['little', 'as little as can be'],
    ['some', 'some'],
    ['much', 'does not matter'],
] as const;

export default function Styles({ frame, version, typed, skills, styles, view: savedRows }: Props) {
    const units = useShared().keeper?.units ?? 'metric';
    const draft = useLiveDraft<TypedRoom, Row[]>({
        key: `ithys-room-${frame.id}-${version}-${units}`,
        name: 'room',
        url: `/systems/${frame.id}/path/styles`,
        version,
        saved: true,
        typed,
        view: savedRows,
    });
    const { now: room, view: rows, problems } = draft;
    const [picked, setPicked] = useState<[string, string]>([savedRows[0]?.key ?? '', 'sump']);
    const [shown, setShown] = useState('sump');
    const row = rows.find((one) => one.key === picked[0]);
    const cell = row?.cells.find((one) => one.style === picked[1]);
    function submit(event: SyntheticEvent) {
        event.preventDefault();
        draft.save();
    }
    const labelOf = (style: string) => styles.find((one) => one.key === style)?.label ?? style;
    return (
        <Frame
            title="Styles"
            area="Path"
            frame={frame}
            aside={
                row !== undefined && cell !== undefined && <Reason style={labelOf(cell.style)} row={row} cell={cell} />
            }
        >
            <PathTabs systemId={frame.id} tab="Styles" />
            <chakra.h1 fontSize="xl" mb="1">
                Ways to filter {frame.name}
            </chakra.h1>
            <chakra.p color="quiet" mb="3" maxWidth="46rem">
                Side by side for this tank and its room. There is no score: keepers weigh these differently. Press a
                cell for its reason and what the schools say.
            </chakra.p>
            <chakra.form onSubmit={submit} noValidate>
                <RoomFields
                    room={room}
                    errors={problems}
                    skills={skills}
                    onChange={(field, text) => draft.change({ ...room, [field]: text })}
                />
                <Button type="submit" mt="3" mb="4" disabled={!draft.canSave}>
                    Save the room
                </Button>
                {problems.room !== undefined && (
                    <Box color="fault" fontSize="sm" fontWeight="600" role="alert" pb="3">
                        {problems.room}
                    </Box>
                )}
            </chakra.form>
            <Box display={{ base: 'block', md: 'none' }} mb="3">
                <ChoiceField
                    label="Style"
                    value={shown}
                    options={styles.map(({ key, label }) => [key, label] as const)}
                    onPick={setShown}
                />
            </Box>
            <chakra.table width="100%" fontSize="sm" tableLayout="fixed">
                <chakra.caption srOnly>The styles by each criterion</chakra.caption>
                <thead>
                    <tr>
                        <chakra.th
                            width={{ base: '40%', md: '17%' }}
                            scope="col"
                            textAlign="left"
                            fontWeight="400"
                            color="quiet"
                            verticalAlign="bottom"
                        >
                            for this room
                        </chakra.th>
                        {styles.map((style) => (
                            <chakra.th
                                key={style.key}
                                scope="col"
                                textAlign="left"
                                px="1.5"
                                pb="1"
                                fontFamily="heading"
                                fontSize="md"
                                display={{ base: style.key === shown ? 'table-cell' : 'none', md: 'table-cell' }}
                            >
                                {style.label}
                            </chakra.th>
                        ))}
                    </tr>
                </thead>
                <tbody>
                    {rows.map((one) => (
                        <chakra.tr key={one.key} borderTopWidth="1px">
                            <chakra.th scope="row" textAlign="left" fontWeight="600" py="1" pr="2" verticalAlign="top">
                                {one.label}
                            </chakra.th>
                            {one.cells.map((each) => (
                                <CellOf
                                    key={each.style}
                                    cell={each}
                                    label={`${labelOf(each.style)}, ${one.label}`}
                                    picked={picked[0] === one.key && picked[1] === each.style}
                                    hiddenOnPhone={each.style !== shown}
                                    onPick={() => setPicked([one.key, each.style])}
                                />
                            ))}
                        </chakra.tr>
                    ))}
                    <chakra.tr borderTopWidth="1px">
                        <th aria-label="Begin" />
                        {styles.map((style) => (
                            <chakra.td
                                key={style.key}
                                py="2"
                                px="1.5"
                                display={{ base: style.key === shown ? 'table-cell' : 'none', md: 'table-cell' }}
                            >
                                <Button
                                    look="plain"
                                    px="0"
                                    onClick={() => router.post(`/systems/${frame.id}/drafts`, { style: style.key })}
                                >
                                    Begin a draft <chakra.span srOnly>in the style {style.label}</chakra.span>
                                </Button>
                            </chakra.td>
                        ))}
                    </chakra.tr>
                </tbody>
            </chakra.table>
        </Frame>
    );
}

function CellOf({
    cell,
    label,
    picked,
    hiddenOnPhone,
    onPick,
}: {
    cell: Cell;
    label: string;
    picked: boolean;
    hiddenOnPhone: boolean;
    onPick: () => void;
}) {
    const look = SEVERITY[cell.severity];
    return (
        <chakra.td
            p="0"
            verticalAlign="top"
            height="1px"
            display={{ base: hiddenOnPhone ? 'none' : 'table-cell', md: 'table-cell' }}
        >
            <chakra.button
                type="button"
                aria-pressed={picked}
                aria-label={`${label}: ${cell.text}`}
                onClick={onPick}
                display="flex"
                gap="1.5"
                width="100%"
                height="100%"
                minH={{ base: '44px', md: '34px' }}
                px="1.5"
                py="1"
                textAlign="left"
                lineHeight="1.25"
                cursor="pointer"
                bg={picked ? 'water' : 'transparent'}
                _hover={{ bg: picked ? 'water' : 'raised' }}
            >
                <Box color={look.colour} pt="2px" flexShrink="0">
                    <look.icon size={14} aria-label={look.name} role="img" />
                </Box>
                {cell.text}
            </chakra.button>
        </chakra.td>
    );
}

function Reason({ style, row, cell }: { style: string; row: Row; cell: Cell }) {
    const look = SEVERITY[cell.severity];
    return (
        <Box aria-live="polite">
            <Box color="quiet" fontSize="sm">
                {style}
            </Box>
            <chakra.h2 fontSize="lg">{row.label}</chakra.h2>
            <Box display="flex" gap="2" alignItems="center" fontFamily="figure" fontSize="lg" my="2">
                <Box color={look.colour}>
                    <look.icon size={18} aria-label={look.name} role="img" />
                </Box>
                {cell.text}
            </Box>
            <p>{cell.reason}</p>
            {cell.school !== null && (
                <Box mt="3">
                    <Box fontWeight="700" fontSize="sm">
                        Schools
                    </Box>
                    <Box fontSize="sm">{cell.school}</Box>
                </Box>
            )}
            {cell.basis !== null && (
                <Box mt="3">
                    <BasisNote basis={cell.basis} />
                </Box>
            )}
        </Box>
    );
}

function RoomFields({
    room,
    errors,
    skills,
    onChange,
}: {
    room: TypedRoom;
    errors: Record<string, string | undefined>;
    skills: [string, string][];
    onChange: (field: keyof TypedRoom, text: string) => void;
}) {
    const { unit } = useUnits();
    const text = (field: keyof TypedRoom, label: string, suffix?: string) => (
        <TextField
            label={label}
            unit={suffix}
            inputMode="decimal"
            value={room[field]}
            onText={(value) => onChange(field, value)}
            error={errors[field]}
            maxLength={40}
        />
    );
    const choice = (field: keyof TypedRoom, label: string, options: readonly (readonly [string, string])[]) => (
        <ChoiceField label={label} value={room[field]} options={options} onPick={(value) => onChange(field, value)} />
    );
    return (
        <Box
            display="grid"
            gridTemplateColumns={{ base: '1fr 1fr', lg: 'repeat(5, 1fr)' }}
            gap="3"
            alignItems="start"
            borderTopWidth="1px"
            pt="3"
        >
            {text('cabinetLength', 'Cabinet, length', unit('length'))}
            {text('cabinetWidth', 'Cabinet, depth', unit('length'))}
            {text('cabinetHeight', 'Cabinet, height', unit('length'))}
            {text('budget', 'Budget')}
            {text('powerPrice', 'Price of a kWh')}
            {choice('noise', 'Noise', TOLERANCES)}
            {choice('spill', 'Spills', TOLERANCES)}
            {choice('skill', 'Experience', skills)}
            {choice('drilled', 'Tank is drilled', [
                ['no', 'no'],
                ['yes', 'yes'],
            ])}
            {choice('look', 'Gear in the display', [
                ['any', 'may show'],
                ['clean', 'should not show'],
            ])}
        </Box>
    );
}
