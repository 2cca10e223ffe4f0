/** What may stand beside a good: each has rules of its own. */
export type CompanyKind = 'companion' | 'drink' | 'meat';
