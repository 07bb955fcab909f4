/** The computation: amounts, food knowledge, timing, checks. No interface code, no clock, no files but its own tables. */
module webodidact.core {
    requires ortools.java;
    requires transitive org.apache.commons.numbers.fraction;

    exports webodidact.core.afters;
    exports webodidact.core.answer;
    exports webodidact.core.air;
    exports webodidact.core.amount;
    exports webodidact.core.bench;
    exports webodidact.core.branch;
    exports webodidact.core.check;
    exports webodidact.core.compare;
    exports webodidact.core.edit;
    exports webodidact.core.fit;
    exports webodidact.core.food;
    exports webodidact.core.homes;
    exports webodidact.core.lesson;
    exports webodidact.core.money;
    exports webodidact.core.outcome;
    exports webodidact.core.prep;
    exports webodidact.core.publish;
    exports webodidact.core.page;
    exports webodidact.core.script;
    exports webodidact.core.list;
    exports webodidact.core.reading;
    exports webodidact.core.rules;
    exports webodidact.core.safety;
    exports webodidact.core.swap;
    exports webodidact.core.time;
    exports webodidact.core.timing;
    exports webodidact.core.trace;
    exports webodidact.core.words;
}
