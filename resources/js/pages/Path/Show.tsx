import { chakra } from '@chakra-ui/react';
import { usePage } from '@inertiajs/react';
import { Frame } from '../../frame/Frame';
import { type SystemFrame } from '../../lib/page';
import { LayOut } from '../../path/LayOut';
import { PathBegin } from '../../path/PathBegin';
import { PathTabs } from '../../path/PathTabs';
import { type Catalogue, type PathChoice, type PathTemplate, type StoredDraft } from '../../path/types';

interface Props {
    frame: SystemFrame;
    catalogue: Catalogue;
    drafts: PathChoice[];
    revisions: PathChoice[];
    draft: StoredDraft | null;
    item: string;
    templates: PathTemplate[];
}

export default function Show(props: Props) {
    const { frame, catalogue, draft, templates } = props;
    const beginning = usePage().url.includes('new=1');
    if (draft === null || beginning) {
        return (
            <Frame title="Path" area="Path" frame={frame}>
                <PathTabs systemId={frame.id} tab="Lay out" />
                <chakra.h1 fontSize="xl" mb="2">
                    The path of the water
                </chakra.h1>
                <PathBegin systemId={frame.id} templates={templates} />
            </Frame>
        );
    }
    // Another draft, and the same in other units, starts its own page.
    return <LayOut key={`${draft.id} ${catalogue.figures.claimLowLitres?.unit ?? ''}`} {...props} draft={draft} />;
}
