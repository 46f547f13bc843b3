import { AreaTabs } from '../parts/AreaTabs';

/** The parts of the Section area. */
export function SectionTabs({ systemId, tab }: { systemId: number; tab: 'Design' | 'Cut sheet' | 'Build' }) {
    const base = `/systems/${systemId}/section`;
    return (
        <AreaTabs
            area="Section"
            tab={tab}
            tabs={[
                ['Design', base],
                ['Cut sheet', `${base}/sheet`],
                ['Build', `${base}/build`],
            ]}
        />
    );
}
