/** What is set into a shell or set up beside it, fetched together: each is small. */
export { KitPanelFields } from "./kit";
export { LinerFields } from "./liner";
export { StandFields } from "./stand";
