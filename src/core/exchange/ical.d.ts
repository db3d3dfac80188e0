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
    compare(other: Time): number;
    toJSDate(): Date;
  }
  export interface Duration {
    toSeconds(): number;
  }
  export interface Event {
    summary: string | null;
    startDate: Time | null;
    endDate: Time | null;
    duration: Duration;
    isRecurring(): boolean;
    iterator(): { next(): Time | null | undefined };
  }
  export interface Component {
    name: string;
    getAllSubcomponents(name: string): Component[];
  }
  const ICAL: {
    parse(text: string): unknown[];
    Component: new (jcal: unknown) => Component;
    Event: new (component: Component) => Event;
  };
  export default ICAL;
}
