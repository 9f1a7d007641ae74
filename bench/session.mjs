import http from "node:http";

const [, , base] = process.argv;

/** One request; its status, text and cookies. */
export function ask(agent, path, { method = "GET", cookie = "", body = "" } = {}) {
    return new Promise((resolve, reject) => {
        const headers = { cookie, ...(body ? { "content-type": "application/x-www-form-urlencoded" } : {}) };
        const request = http.request(base + path, { method, agent, headers }, (response) => {
            const parts = [];
            response.on("data", (part) => parts.push(part));
            response.on("end", () =>
                resolve({
                    status: response.statusCode,
                    text: Buffer.concat(parts).toString(),
                    cookie: (response.headers["set-cookie"] ?? []).map((c) => c.split(";")[0]).join("; "),
                }),
            );
        });
        request.on("error", reject);
        request.end(body);
    });
}

/** The demo's organiser; tells the cookies. */
export async function signIn(agent) {
    const page = await ask(agent, "/login");
    const token = page.text.match(/name="_token" value="([^"]+)"/)[1];
    const fields = { _token: token, email: "organiser@marea-baja.example", password: process.env.DEMO_PASSWORD };
    const answer = await ask(agent, "/login", {
        method: "POST",
        cookie: page.cookie,
        body: String(new URLSearchParams(fields)),
    });
    if (answer.status !== 302) throw new Error(`sign-in: ${answer.status}`);
    return answer.cookie;
}
