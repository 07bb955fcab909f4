package webodidact.core.timing;

import webodidact.core.time.Span;
import webodidact.core.time.TimeRange;

/**
 * One part of a recording.
 *
 * @param first number of its first step, from 1
 * @param last number of its last step
 * @param span on air, from the start of the first part, at the likely pace
 * @param length on air, short and long end, in seconds
 * @param kitchen real seconds it takes to record, at the likely pace
 */
public record Part(String title, int first, int last, Span span, TimeRange length, int kitchen) {}
