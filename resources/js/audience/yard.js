const SPEED = 60;
const IN_A_ROW = 8;
const SVG = "http://www.w3.org/2000/svg";

/** The crowd in the yard at a moment of the day: who walks, waits and looks is the server's; here it is only drawn. */
export function yard() {
    return {
        word: "",

        init() {
            const { yard: picture, second } = this.$refs;
            Object.assign(this, JSON.parse(picture.dataset.moves));
            this.spacing = 0.8 * picture.dataset.dot;
            this.begin = Number(second.dataset.begin);
            this.button = this.$root.querySelector("[data-play]");
            this.circles = this.dots.map(() => {
                const circle = document.createElementNS(SVG, "circle");
                circle.setAttribute("r", 0.35 * this.spacing);
                circle.setAttribute("vector-effect", "non-scaling-stroke");
                this.$refs.dots.append(circle);
                return circle;
            });
            this.stop();
            this.draw();
        },

        destroy() {
            this.stop();
        },

        toggle() {
            if (this.frame) {
                this.stop();
                return;
            }
            const { second } = this.$refs;
            if (Number(second.value) >= Number(second.max)) second.value = 0;
            this.word = this.button.dataset.stop;
            this.at = Number(second.value);
            let last = performance.now();
            const step = (now) => {
                this.at += (SPEED * (now - last)) / 1000;
                last = now;
                second.value = this.at;
                this.draw();
                if (this.at < Number(second.max)) this.frame = requestAnimationFrame(step);
                else this.stop();
            };
            this.frame = requestAnimationFrame(step);
        },

        stop() {
            cancelAnimationFrame(this.frame);
            this.frame = null;
            this.word = this.button.dataset.play;
        },

        draw() {
            const now = Number(this.$refs.second.value);
            const ranks = this.stations.map(() => ({ wait: 0, look: 0 }));
            const count = { wait: 0, look: 0, walk: 0, done: 0 };
            const states = this.dots.map((visits) => stateAt(visits, now));
            // The queue stands in the order in which people came.
            const order = states.map((_, i) => i).sort((a, b) => (states[a].since ?? 0) - (states[b].since ?? 0));
            for (const i of order) {
                const state = states[i];
                count[state.is] = (count[state.is] ?? 0) + 1;
                const place = this.placeOf(state, ranks);
                const circle = this.circles[i];
                circle.toggleAttribute("hidden", place === null);
                circle.setAttribute("class", `yard-dot is-${state.is}`);
                if (place) {
                    circle.setAttribute("cx", place[0]);
                    circle.setAttribute("cy", place[1]);
                }
            }
            this.tell(now, count);
        },

        placeOf(state, ranks) {
            if (state.is === "walk") {
                const to = this.stations[state.station];
                const from = state.from === null ? (this.from ?? to) : this.stations[state.from];
                return [from[0] + (to[0] - from[0]) * state.share, from[1] + (to[1] - from[1]) * state.share];
            }
            if (state.is !== "wait" && state.is !== "look") return null;
            const [x, y] = this.stations[state.station];
            const rank = ranks[state.station][state.is]++;
            const across = ((rank % IN_A_ROW) - (IN_A_ROW - 1) / 2) * this.spacing;
            const along = (2 + Math.floor(rank / IN_A_ROW)) * this.spacing;
            return [x + across, state.is === "wait" ? y + along : y - along];
        },

        tell(now, count) {
            const { words } = this.$refs;
            const clock = (this.begin + now) % 86400;
            const two = (n) => String(Math.floor(n)).padStart(2, "0");
            words.textContent = `${two(clock / 3600)}:${two((clock % 3600) / 60)} · ${words.dataset.words.replace(/:(\w+)/g, (_, is) => count[is] ?? 0)}`;
        },
    };
}

/** What somebody does at a moment. Visits are [station, came, began, ended, seconds on foot before]. */
export function stateAt(visits, now) {
    let from = null;
    for (const [station, came, began, ended, walk] of visits) {
        if (now < came - walk) return { is: from === null ? "away" : "walk", station, from, share: 0 };
        if (now < came) return { is: "walk", station, from, share: 1 - (came - now) / walk };
        if (now < began) return { is: "wait", station, since: came };
        if (now < ended) return { is: "look", station, since: began };
        from = station;
    }
    return { is: "done" };
}
