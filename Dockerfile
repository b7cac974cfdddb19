# Builds the application and serves it on port 4173: docker build -t cobaltfinch . && docker run -p 4173:4173 cobaltfinch
FROM node:20-slim AS built
WORKDIR /cobaltfinch
COPY package.json package-lock.json ./
RUN npm ci --omit=dev --no-audit --no-fund
COPY . .
RUN npx vite build --logLevel warn && npx tsx scripts/serverAlone.ts served

# What is served and the server in one file: no package, no tool.
FROM node:20-slim
WORKDIR /cobaltfinch
COPY --from=built --chown=node /cobaltfinch/dist ./dist
COPY --from=built --chown=node /cobaltfinch/served ./server
USER node
ENV NODE_ENV=production PORT=4173 HOST=0.0.0.0
EXPOSE 4173
HEALTHCHECK CMD node -e "fetch('http://127.0.0.1:'+process.env.PORT+'/health').then(r=>process.exit(r.ok?0:1),()=>process.exit(1))"
CMD ["node", "server/main.js"]
