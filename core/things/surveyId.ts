/** What a group of the survey is called as a thing. */
export const surveyId = (title: string): string => `survey/${title.toLowerCase()}`;
