import { Box, chakra } from '@chakra-ui/react';
import { router } from '@inertiajs/react';
import { useState } from 'react';
import { useDates } from '../lib/dates';
import { useUnits } from '../lib/figures';
import { Button } from '../parts/Button';
import { ChoiceField } from '../parts/ChoiceField';
import { ComputedFigure } from '../parts/ComputedFigure';
import { ForceForm } from '../parts/ForceForm';
import { Choice, TextField } from '../parts/TextField';
import { type Catalogue, type PathChoice, type TypedPath } from './types';

interface Props {
    systemId: number;
    draftId: number;
    drafts: PathChoice[];
    path: TypedPath;
    catalogue: Catalogue;
    problems: Record<string, string>;
    dirty: boolean;
    /** Whether what is saved here is in force and since when, in words; empty while it is not. */
    inForce: string;
    /** The flow that the drawn sump computes, in words; null while it does not. */
    computedFlow: string | null;
    canSave: boolean;
    canUndo: boolean;
    onChange: (change: Partial<TypedPath>) => void;
    onUndo: () => void;
    onDiscard: () => void;
    onSave: () => void;
}

/** What holds for a draft as a whole, and what can be done with it. */
export function DraftBar(props: Props) {
    const {
        systemId,
        draftId,
        drafts,
        path,
        catalogue,
        problems,
        dirty,
        inForce,
        computedFlow,
        canSave,
        canUndo,
        onChange,
        onUndo,
        onDiscard,
        onSave,
    } = props;
    const { unit } = useUnits();
    const { today } = useDates();
    const [force, setForce] = useState(false);
    const base = `/systems/${systemId}`;
    return (
        <Box borderBottomWidth="1px" pb="3" mb="3">
            <Box display="flex" flexWrap="wrap" gap="2" alignItems="center" mb="2">
                {drafts.length > 1 && <DraftChoice drafts={drafts} draftId={draftId} base={base} />}
                <Button look="solid" onClick={onSave} disabled={!canSave}>
                    Save
                </Button>
                <Button onClick={onUndo} disabled={!canUndo}>
                    Undo
                </Button>
                {dirty && (
                    <Button look="plain" onClick={onDiscard}>
                        Back to what is saved
                    </Button>
                )}
                <Button
                    onClick={() => setForce(!force)}
                    aria-expanded={force}
                    disabled={dirty}
                    title={dirty ? 'Save first' : undefined}
                >
                    Put in force…
                </Button>
                <chakra.details position="relative">
                    <chakra.summary
                        cursor="pointer"
                        listStyleType="none"
                        fontSize="sm"
                        fontWeight="600"
                        color="deep"
                        minH={{ base: '44px', md: '36px' }}
                        display="inline-flex"
                        alignItems="center"
                        px="1.5"
                    >
                        More ▾
                    </chakra.summary>
                    <Box
                        position="absolute"
                        zIndex="5"
                        bg="raised"
                        borderWidth="1px"
                        borderColor="edge"
                        borderRadius="3px"
                        py="1"
                        minW="190px"
                        display="grid"
                        justifyItems="start"
                    >
                        <Button
                            look="plain"
                            px="3"
                            onClick={() => router.post(`${base}/drafts`, { copy: `d${draftId}` })}
                        >
                            Copy this draft
                        </Button>
                        <Button look="plain" px="3" onClick={() => router.visit(`${base}/path?new=1`)}>
                            New draft or import
                        </Button>
                        <Download href={`${base}/path/d${draftId}/path.json`}>Export as JSON</Download>
                        <Download href={`${base}/path/d${draftId}/path.svg`}>Export as SVG</Download>
                        <Button look="plain" px="3" onClick={() => router.delete(`${base}/drafts/${draftId}`)}>
                            Move to the bin
                        </Button>
                    </Box>
                </chakra.details>
                <Box fontSize="sm" color={dirty ? 'caution' : 'quiet'} role="status">
                    {dirty ? 'changed, not saved' : ['saved', inForce].filter(Boolean).join(' · ')}
                </Box>
            </Box>
            {force && (
                <ForceForm
                    url={`${base}/drafts/${draftId}/in-force`}
                    label="The water runs this way since"
                    says="The water line and the working volume follow it from that day. Verdicts take it for a change of the tank."
                    today={today()}
                    onDone={() => setForce(false)}
                />
            )}
            <Box
                display="grid"
                gridTemplateColumns={{ base: '1fr 1fr', md: '1.6fr 1fr 1.1fr 1fr 1fr' }}
                gap="3"
                alignItems="start"
            >
                <TextField
                    label="Draft"
                    value={path.name}
                    onText={(name) => onChange({ name })}
                    error={problems['path.name']}
                    maxLength={80}
                />
                <ChoiceField
                    label="Style"
                    value={path.style}
                    options={catalogue.styles}
                    onPick={(style) => onChange({ style })}
                />
                {computedFlow === null ? (
                    <TextField
                        label="Flow"
                        unit={unit('flow')}
                        inputMode="decimal"
                        placeholder="as described"
                        value={path.litresPerHour}
                        onText={(litresPerHour) => onChange({ litresPerHour })}
                        error={problems.flow}
                        maxLength={40}
                    />
                ) : (
                    <ComputedFigure label="Flow" text={computedFlow} systemId={systemId} />
                )}
                <ChoiceField
                    label="Stock now"
                    value={path.stockNow}
                    options={catalogue.stocks}
                    onPick={(stockNow) => onChange({ stockNow })}
                    width="100%"
                />
                <ChoiceField
                    label="Stock planned"
                    value={path.stockPlanned}
                    options={catalogue.stocks}
                    onPick={(stockPlanned) => onChange({ stockPlanned })}
                    width="100%"
                />
            </Box>
            {problems.path !== undefined && (
                <Box color="fault" fontSize="sm" fontWeight="600" role="alert" pt="2">
                    {problems.path}
                </Box>
            )}
        </Box>
    );
}

/** Leads to another draft. */
function DraftChoice({ drafts, draftId, base }: { drafts: PathChoice[]; draftId: number; base: string }) {
    return (
        <Choice
            aria-label="Show draft"
            value={draftId}
            maxWidth="220px"
            onChange={(event) => router.visit(`${base}/path?draft=${event.target.value}`)}
        >
            {drafts.map((draft) => (
                <option key={draft.id} value={draft.id}>
                    {draft.name}
                </option>
            ))}
        </Choice>
    );
}

function Download({ href, children }: { href: string; children: string }) {
    return (
        <chakra.a
            href={href}
            download
            px="3"
            fontSize="sm"
            fontWeight="600"
            minH={{ base: '44px', md: '36px' }}
            display="inline-flex"
            alignItems="center"
            style={{ textDecoration: 'none' }}
        >
            {children}
        </chakra.a>
    );
}
