import { AreaTabs } from '../parts/AreaTabs';

export type PathTab = 'Lay out' | 'Water' | 'Styles' | 'Parts list' | 'Compare';

/** The parts of the Path area. */
export function PathTabs({ systemId, tab, mark }: { systemId: number; tab: PathTab; mark?: string | undefined }) {
    const base = `/systems/${systemId}/path`;
    const tabs: [PathTab, string][] = [
        ['Lay out', base],
        ['Water', `${base}/water`],
        ['Styles', `${base}/styles`],
        ...(mark === undefined ? [] : ([['Parts list', `${base}/${mark}/parts`]] as [PathTab, string][])),
        ['Compare', `${base}/compare`],
    ];
    return <AreaTabs area="Path" tab={tab} tabs={tabs} />;
}
