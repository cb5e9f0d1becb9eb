import { Tab, TabGroup, TabList, TabPanel, TabPanels } from '@headlessui/react'
import { FramesPart } from './FramesPart'
import { LayoutPart } from './LayoutPart'
import { PatternsPart } from './PatternsPart'

const TABS = [
  ['Layout', LayoutPart],
  ['Frames', FramesPart],
  ['Patterns', PatternsPart],
] as const

/** What arranges the page, and its frames one by one. */
export function ArrangeDrawer() {
  return (
    <TabGroup>
      <TabList className="mb-3 flex border-b border-line">
        {TABS.map(([name]) => (
          <Tab
            key={name}
            className="-mb-px border-b-2 border-transparent px-2.5 py-1 hover:bg-wash data-selected:border-woad data-selected:font-semibold"
          >
            {name}
          </Tab>
        ))}
      </TabList>
      <TabPanels>
        {TABS.map(([name, Content]) => (
          <TabPanel key={name} tabIndex={-1}>
            <Content />
          </TabPanel>
        ))}
      </TabPanels>
    </TabGroup>
  )
}
