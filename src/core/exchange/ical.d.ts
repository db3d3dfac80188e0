/** The part of ical.js that the core uses, declared here so that no DOM type comes in with it. */
declare module 'ical.js' {
  export interface Time {
    isDate: boolean;
    year: number;
    month: number;
    day: number;
    hour: number;
    minute: number;
    second: number;
  }
  export interface Recur {
    freq: string;
    interval: number;
    count: number | null;
    until: Time | null;
    /** 1 Sunday to 7 Saturday. */
    wkst: number;
    parts: Readonly<Record<string, (number | string)[] | undefined>>;
  }
  export interface Property {
    getValues(): unknown[];
  }
  export interface Event {
    summary: string | null;
    startDate: Time | null;
    endDate: Time | null;
    component: Component;
    iterator(): { next(): Time | null | undefined };
  }
  export interface Component {
    name: string;
    getAllSubcomponents(name: string): Component[];
    getAllProperties(name: string): Property[];
    getFirstPropertyValue(name: string): unknown;
  }
  const ICAL: {
    parse(text: string): unknown[];
    Component: new (jcal: unknown) => Component;
    Event: new (component: Component) => Event;
  };
  export default ICAL;
}
