export declare const limitSeconds: (seconds: number) => number;
